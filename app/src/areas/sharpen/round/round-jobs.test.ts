import type { BitBody, SupplyOf, ToolBody, WheelEntryBody } from '@pike-stone/contract';
import { freshBit } from '../../grind/bit-model';
import type { ShownWheel } from '../wheels/use-wheels';
import { wheelInUse } from '../wheels/wheel-in-use';
import { finishedItems } from './finish-round';
import { roundWork, wheelFor, type Dull } from './round-jobs';

const BENCH: SupplyOf<'grinder'> = { kind: 'grinder', name: 'Bench', rpm: 2850, stands: 'bench', note: '' };
const wheel = (id: string, marking: string, mounted = true): ShownWheel => {
  const body: SupplyOf<'wheel'> = { kind: 'wheel', name: id, diameterMm: 150, marking, note: '' };
  return {
    record: { id, version: 1, archived: false, updatedAt: '', waiting: false, body },
    use: wheelInUse(id, body, mounted ? BENCH : null, { entries: [], sharpenings: [], grinds: [] }),
  };
};
const WHEELS = [
  wheel('grey', 'A 60 L 5 V 35 m/s'),
  wheel('white', 'WA 100 J 8 V 35 m/s'),
  wheel('green', 'GC 80 H 7 V', false),
];

const tool = (body: Partial<ToolBody>, nothingLeft = false): Dull => ({
  of: 'tools',
  id: String(body.name ?? 't'),
  body: { name: 't', material: 'hss', dull: true, note: '', ...body } as ToolBody,
  nothingLeft,
});
const mill = (over: object = {}) =>
  tool({
    name: 'mill',
    kind: 'end-mill',
    diameterMm: 12,
    teeth: 4,
    fluteLengthMm: 26,
    ...over,
  } as Partial<ToolBody>);
const reasons = (dull: readonly Dull[]) => roundWork(dull, WHEELS).leftOut.map(({ why }) => why);

it('HSS is roughed on the grey wheel and finished on the white one; carbide goes to the green', () => {
  expect(wheelFor(WHEELS, 'hss', 'rough')).toBe('grey');
  expect(wheelFor(WHEELS, 'hss', 'finish')).toBe('white');
  expect(wheelFor(WHEELS, 'carbide', 'finish')).toBe('green');
  expect(wheelFor([], 'hss', 'finish')).toBe('fine wheel');
});

it('a bit is ground on its flanks and nose, each with its tilt, and stoned last', () => {
  const body: BitBody = { ...freshBit({ shape: 'general', name: 'Bit' }), state: 'dull' };
  const { jobs } = roundWork([{ of: 'bits', id: 'b', body }], WHEELS);
  const side = jobs.find(({ face }) => face === 'side')!;
  expect(side.tilt!.wantedDeg).toBeCloseTo(9.82, 2);
  expect([side.tilt!.lowDeg, side.tilt!.highDeg]).toEqual([
    side.tilt!.wantedDeg - 1,
    side.tilt!.wantedDeg + 2,
  ]);
  const { turnOf } = roundWork([{ of: 'bits', id: 'b', body }], WHEELS);
  expect(turnOf.get('b/side')).toBeCloseTo(78.99, 2);
  expect(jobs.at(-1)).toMatchObject({ face: 'hone', setUp: 'stone', stage: 2 });
});

it('on a wheel whose rest holds the edge above the axle, the rest tilts less by the lean of the wheel', () => {
  const white = WHEELS[1]!;
  const set = {
    act: 'rest-set',
    wheelId: 'white',
    at: '2026-01-01',
    diameterMm: 150,
    tiltDeg: 4,
    heightMm: 5,
    note: '',
  };
  const entries = [{ id: 'r', body: set as WheelEntryBody }];
  const use = wheelInUse('white', white.record.body, BENCH, { entries, sharpenings: [], grinds: [] });
  const { jobs } = roundWork([tool({ name: 'x', kind: 'turning-tool' })], [{ ...white, use }]);
  // asin(5/75) is 3.82: 9.82 - 3.82 for the side of the general bit.
  expect(jobs.find(({ face }) => face === 'side')!.tilt!.wantedDeg).toBeCloseTo(6.0, 2);
  const level = roundWork([tool({ name: 'x', kind: 'turning-tool' })], [white]).jobs;
  expect(level.find(({ face }) => face === 'side')!.tilt!.wantedDeg).toBeCloseTo(9.82, 2);
});

it('a bit too short to grind again is past saving', () => {
  const body: BitBody = { ...freshBit({ shape: 'general', name: 'Bit' }), state: 'dull' };
  const short = { ...body, blank: { ...body.blank, lengthMm: 42 } };
  expect(reasons([{ of: 'bits', id: 'b', body: short }])).toEqual(['past-saving']);
});

it('an end mill is set up in the lathe, unless nothing is left of its flutes', () => {
  expect(roundWork([mill()], WHEELS).jobs).toMatchObject([{ setUp: 'end-teeth', face: 'end-teeth' }]);
  expect(reasons([mill({ fluteLengthMm: 6 })])).toEqual(['past-saving']);
});

it('an end mill that cannot be ground here is sent out: no wheel of the shop may touch carbide in the tool post', () => {
  const post: SupplyOf<'grinder'> = { ...BENCH, name: 'Post', rpm: 8000, stands: 'tool-post', flangeMm: 25 };
  const body = { ...wheel('post', 'WA 80 J 7 V 35 m/s').record.body, diameterMm: 60 };
  const white = {
    record: { ...wheel('post', 'WA 80 J 7 V 35 m/s').record, body },
    use: wheelInUse('post', body, post, { entries: [], sharpenings: [], grinds: [] }),
  };
  const one = (material: ToolBody['material']) => roundWork([mill({ material } as object)], [white]);
  expect(one('solid-carbide').leftOut.map(({ why }) => why)).toEqual(['send-out']);
  expect(one('hss').jobs).toHaveLength(1);
});

it('without a wheel that may touch it, a brazed tool asks for the wheels that may', () => {
  const { jobs } = roundWork(
    [tool({ name: 'x', kind: 'turning-tool', material: 'brazed-carbide' })],
    WHEELS.slice(0, 2),
  );
  const named = new Set(jobs.map((job) => job.wheel));
  expect(named.has('green wheel')).toBe(true);
  expect(named.has('white')).toBe(false);
});

it('inserts are turned, forms sent out, worn blanks past saving', () => {
  expect(
    reasons([
      tool({ name: 'a', kind: 'turning-tool', material: 'carbide-coated' }),
      tool({ name: 'b', kind: 'reamer' }),
      tool({ name: 'c', kind: 'turning-tool' }, true),
    ]),
  ).toEqual(['insert', 'send-out', 'past-saving']);
});

it('only a tool of which every face is done is sharp again', () => {
  const job = (itemId: string, face: string) => ({
    key: `${itemId}/${face}`,
    of: 'tools' as const,
    itemId,
    name: itemId,
    face,
    turnDeg: null,
  });
  const group = {
    wheel: 'white',
    wheelId: null,
    setUp: 'rest' as const,
    tiltDeg: 9,
    asItStands: false,
    changeMin: 1,
    grindMin: 1,
    jobs: [job('a', 'side'), job('a', 'front'), job('b', 'side')],
  };
  const round = { startedAt: '', finishedAt: null, groups: [group], done: ['a/side', 'b/side'] };
  expect(finishedItems(round).map(({ itemId }) => itemId)).toEqual(['b']);
});
