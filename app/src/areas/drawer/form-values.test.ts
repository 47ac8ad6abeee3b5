import { stockBody, type StockBody } from '@pike-stone/contract';
import type { FormGroup } from './form-spec';
import { fromRaw, resolverFor, sortedSteps, toRaw } from './form-values';

const GROUPS: readonly FormGroup[] = [
  {
    title: 'The piece',
    fields: [
      { type: 'text', path: 'name', label: 'Name' },
      { type: 'length', path: 'sizeMm', label: 'Size' },
      { type: 'length', path: 'skinMm', label: 'Skin', optionalZero: true },
    ],
  },
];
const STOCK: StockBody = {
  name: 'Bar',
  metal: 'medium-carbon',
  form: 'round',
  sizeMm: 31.75,
  uncertain: false,
  skinMm: 0.3333333333,
  note: '',
};

describe('a form between the record and what is typed', () => {
  it('keeps what was not touched to the last digit, also in inches', () => {
    for (const units of ['mm', 'inch'] as const)
      expect(fromRaw(toRaw(STOCK, GROUPS, units), GROUPS, units, STOCK)).toEqual({ body: STOCK, faults: {} });
  });

  it('reads what was typed as machinists write it', () => {
    const raw = { ...toRaw(STOCK, GROUPS, 'mm'), sizeMm: '1 1/4', skinMm: '0' };
    expect(fromRaw(raw, GROUPS, 'mm', { ...STOCK, sizeMm: 1 }).body).toMatchObject({
      sizeMm: 31.75,
      skinMm: 0,
    });
  });

  it('says what cannot be read at its field, and passes nothing on', () => {
    const check = resolverFor(stockBody, () => GROUPS, 'mm', STOCK);
    expect(check({ ...toRaw(STOCK, GROUPS, 'mm'), sizeMm: 'fat', name: '' })).toMatchObject({
      values: {},
      errors: {
        sizeMm: { message: expect.stringContaining('cannot be read') },
        name: { message: 'Give it a name.' },
      },
    });
    expect(check({ ...toRaw(STOCK, GROUPS, 'mm'), sizeMm: '.250' }).errors).toMatchObject({
      sizeMm: { message: expect.stringContaining('Two ways to read that') },
    });
    expect(check(toRaw(STOCK, GROUPS, 'mm'))).toMatchObject({
      errors: {},
      values: { name: 'Bar', sizeMm: 31.75 },
    });
  });

  it('a field that the kind at hand does not ask for keeps what was stored, whatever stood in it', () => {
    const only: readonly FormGroup[] = [
      { title: '', fields: [{ type: 'text', path: 'name', label: 'Name' }] },
    ];
    expect(fromRaw({ ...toRaw(STOCK, GROUPS, 'mm'), sizeMm: 'fat', name: 'Rod' }, only, 'mm', STOCK)).toEqual(
      { body: { ...STOCK, name: 'Rod' }, faults: {} },
    );
  });

  it('leaves an empty range out, and refuses half a range', () => {
    const groups: readonly FormGroup[] = [
      { title: '', fields: [{ type: 'range', path: 'own.hss', label: 'HSS' }] },
    ];
    const read = (ends: string[]) => fromRaw({ own: { hss: ends } }, groups, 'mm', { own: {} }).body.own.hss;
    expect(read(['', ' '])).toBeUndefined();
    expect(read(['20', ''])).toEqual([20, undefined]);
    expect(read(['20', '31,5'])).toEqual([20, 31.5]);
  });
});

describe('a list of steps', () => {
  const groups: readonly FormGroup[] = [
    {
      title: '',
      fields: [{ type: 'steps', path: 'speeds', label: 'Speed', valueKey: 'rpm', valueLabel: 'rpm' }],
    },
  ];
  const rows = [
    { rpm: '440', setting: 'b' },
    { rpm: 'fast', setting: '?' },
    { rpm: '42,5', setting: 'a' },
  ];

  it('is put in rising order, what cannot be read last', () =>
    expect(sortedSteps({ speeds: rows }, groups).speeds).toEqual([rows[2], rows[0], rows[1]]));
  it('keeps what was measured while its value stands', () => {
    const stored = {
      speeds: [
        { rpm: 42.5, setting: 'a', measured: { how: 'tapped' } },
        { rpm: 440, setting: 'b', measured: { how: 'tapped' } },
      ],
    };
    const read = fromRaw(
      {
        speeds: [
          { rpm: '42.5', setting: 'A' },
          { rpm: '450', setting: 'b' },
        ],
      },
      groups,
      'mm',
      stored,
    ).body.speeds;
    expect(read).toEqual([
      { rpm: 42.5, setting: 'A', measured: { how: 'tapped' } },
      { rpm: 450, setting: 'b' },
    ]);
  });

  it('is read number by number', () =>
    expect(
      fromRaw({ speeds: rows }, groups, 'mm', { speeds: [] }).body.speeds.map(
        (row: { rpm: number }) => row.rpm,
      ),
    ).toEqual([440, undefined, 42.5]));
});
