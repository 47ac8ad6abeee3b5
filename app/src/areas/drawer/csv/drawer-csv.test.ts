import type { Stored, ToolBody } from '@pike-stone/contract';
import type { Metals } from '../../../data/metals';
import { faultsCsv, MOST_ROWS, readCsv, toCsv } from './drawer-csv';

const METALS = {
  options: [],
  nameOf: (key: string) => key,
  own: () => null,
  loading: false,
} as unknown as Metals;
const id = (n: number) => `0192f000-0003-7000-8000-${String(n).padStart(12, '0')}`;
const stored = (n: number, body: ToolBody): Stored<'tools'> => ({
  id: id(n),
  version: n,
  archived: false,
  updatedAt: '2026-11-01T10:00:00.000Z',
  body,
});
const drill: ToolBody = {
  kind: 'drill',
  name: 'Drill 8.5',
  material: 'hss',
  dull: false,
  diameterMm: 8.5,
  note: '',
};
const knife: ToolBody = {
  kind: 'turning-tool',
  name: 'Knife, "left"',
  material: 'hss',
  dull: true,
  noseRadiusMm: 0.4,
  approachDeg: 93,
  cornerDeg: 70,
  price: 12.5,
  place: 'Rack 2',
  note: 'a line\nand another',
};
const RECORDS = [stored(1, drill), stored(2, knife)];
const read = (text: string) => readCsv('tools', text, RECORDS, METALS);

it('what is written is read back just so: nothing to change', () => {
  const found = read(toCsv('tools', RECORDS, METALS));
  expect(found).toMatchObject({ rows: [], faults: [], unknown: [], same: 2 });
});

it('a changed cell changes its record from its version; a row without id is new', () => {
  const text = toCsv('tools', RECORDS, METALS).replace('Rack 2', 'Rack 9');
  expect(read(text).rows).toMatchObject([{ id: id(2), version: 2, body: { ...knife, place: 'Rack 9' } }]);
  const fresh = read('name,kind,material,diameterMm\nDrill 6,drill,hss,"6,5"\nLetter F,drill,hss,F\n');
  expect(fresh.faults).toEqual([]);
  expect(fresh.rows).toMatchObject([
    { id: null, version: 0, body: { name: 'Drill 6', kind: 'drill', diameterMm: 6.5, dull: false } },
    { id: null, version: 0, body: { diameterMm: expect.closeTo(6.528, 3) } },
  ]);
});

it('formulas in cells are made text on the way out, and come back as they were', () => {
  const evil = stored(3, { ...drill, name: '=1+1', note: '@SUM(A1)' });
  const text = toCsv('tools', [evil], METALS);
  expect(text).toContain("'=1+1");
  expect(text).toContain("'@SUM(A1)");
  expect(text).not.toMatch(/(^|,)"?[=@]/m);
  expect(readCsv('tools', text, [evil], METALS)).toMatchObject({ same: 1, faults: [] });
});

it('says every fault with its line and column, and keeps the good rows', () => {
  const found = read(
    [
      'id,name,kind,material,diameterMm,dull,price,colour',
      ',Good,drill,hss,5,no,,red',
      ',,drill,hss,5,no,,',
      ',Bad size,drill,hss,wide,no,,',
      ',Bad edge,drill,butter,5,maybe,-3,',
      'nonsense,Bad id,drill,hss,5,no,,',
      `${id(1)},Once,drill,hss,5,no,,`,
      `${id(1)},Twice,drill,hss,5,no,,`,
    ].join('\n'),
  );
  expect(found.rows.map(({ line, body }) => [line, body.name])).toEqual([
    [2, 'Good'],
    [7, 'Once'],
  ]);
  expect(found.unknown).toEqual(['colour']);
  expect(found.faults.map(({ line, column }) => [line, column])).toEqual([
    [3, 'name'],
    [4, 'diameterMm'],
    [5, 'dull'],
    [5, 'material'],
    [5, 'price'],
    [6, 'id'],
    [8, 'id'],
  ]);
  expect(faultsCsv(found.faults).split('\r\n')).toHaveLength(8);
});

it('a thousand bad rows are a thousand sentences, and nothing of them is taken', () => {
  const rows = Array.from({ length: 1000 }, (_, i) => `,Tool ${i},drill,hss,-1,no`);
  const found = read(['id,name,kind,material,diameterMm,dull', ...rows].join('\n'));
  expect(found.rows).toEqual([]);
  expect(new Set(found.faults.map(({ line }) => line)).size).toBe(1000);
});

it('refuses a file without names, and one that is too long', () => {
  expect(read('a,b\n1,2\n').faults[0]).toMatchObject({ column: 'name' });
  const long = `name\n${Array.from({ length: MOST_ROWS + 1 }, () => 'x').join('\n')}`;
  expect(read(long).faults).toEqual([{ line: 1, column: '', text: `More than ${MOST_ROWS} rows.` }]);
});
