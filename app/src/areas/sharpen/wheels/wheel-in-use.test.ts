import type { GrindBody, SharpeningBody, SupplyOf, WheelEntryBody } from '@pike-stone/contract';
import { wheelInUse } from './wheel-in-use';

const WHEEL: SupplyOf<'wheel'> = {
  kind: 'wheel',
  name: 'White',
  diameterMm: 140,
  widthMm: 20,
  markedMm: 150,
  marking: 'WA 100 J 8 V 35 m/s',
  note: '',
};
const BENCH: SupplyOf<'grinder'> = {
  kind: 'grinder',
  name: 'Bench',
  rpm: 2850,
  stands: 'bench',
  flangeMm: 60,
  note: '',
};
const NONE = { entries: [], sharpenings: [], grinds: [] };

const dressed = (day: string, why: 'glazed' | 'routine'): { id: string; body: WheelEntryBody } => ({
  id: day,
  body: {
    act: 'dressed',
    wheelId: 'w',
    at: `2026-0${day}T08:00:00.000Z`,
    diameterMm: 145,
    how: 'diamond',
    why,
    depthMm: 0.06,
    note: '',
  },
});
const ground = (day: string, volumeMm3: number) =>
  ({ wheelId: 'w', finishedAt: `2026-0${day}T08:00:00.000Z`, volumeMm3 }) as SharpeningBody;

it('reads its marking, its speed and what ends it', () => {
  const use = wheelInUse('w', WHEEL, BENCH, NONE);
  expect(use).toMatchObject({ abrasive: 'white-alumina', grit: 100, ratedMPerS: 35, overSpeed: false });
  // pi x 140 x 2850 / 60000; the rating counts for the 150 mm it is marked with.
  expect(use.rimMPerS).toBeCloseTo(20.89, 2);
  expect(use.maxRpm).toBeCloseTo(4456.3, 1);
  expect(use.least).toMatchObject({ limitedBy: 'speed' });
  expect(use.least.diameterMm).toBeCloseTo(100.5, 1);
});

it('a worn wheel may not run faster than its marked diameter lets it', () =>
  expect(wheelInUse('w', { ...WHEEL, diameterMm: 110 }, { ...BENCH, rpm: 5000 }, NONE).overSpeed).toBe(true));

it('a wheel on no grinder has no rim speed, and its flanges end it', () => {
  const use = wheelInUse('w', WHEEL, null, NONE);
  expect([use.rimMPerS, use.maxRpm, use.overSpeed]).toEqual([null, null, false]);
  expect(use.least.limitedBy).toBe('flange');
});

it('a marking that cannot be read leaves what else is known', () => {
  const use = wheelInUse('w', { ...WHEEL, marking: 'best quality', abrasive: 'cbn', grit: 180 }, BENCH, NONE);
  expect(use).toMatchObject({ marking: null, abrasive: 'cbn', grit: 180 });
  expect(use.due!.share).toBeNull();
});

it('is due by what was ground since its last dress, on bits and on tools', () => {
  const books = {
    entries: [dressed('3-01', 'routine')],
    sharpenings: [ground('2-01', 9000), ground('4-01', 1000)],
    grinds: [{ wheelId: 'w', finishedAt: '2026-05-01T08:00:00.000Z', volumeMm3: 250 } as GrindBody],
  };
  // 1250 of 125 mm3 x 20 mm.
  expect(wheelInUse('w', WHEEL, BENCH, books).due!.share).toBeCloseTo(0.5, 9);
});

it('its own book counts once it was dressed dull twice; a dress by the calendar says nothing', () => {
  const entries = [dressed('1-01', 'routine'), dressed('2-01', 'glazed'), dressed('3-01', 'glazed')];
  const sharpenings = [ground('1-15', 1000), ground('2-15', 3000)];
  const own = wheelInUse('w', WHEEL, BENCH, { entries, sharpenings, grinds: [] }).due!;
  expect(own).toMatchObject({ ownCapacity: true, capacity: 100 });
  const routine = entries.map((one) => dressed(one.id, 'routine'));
  expect(wheelInUse('w', WHEEL, BENCH, { entries: routine, sharpenings, grinds: [] }).due!.ownCapacity).toBe(
    false,
  );
});

it('its rest is corrected for the wear since it was set', () => {
  const set: WheelEntryBody = {
    act: 'rest-set',
    wheelId: 'w',
    at: '2026-01-01T08:00:00.000Z',
    diameterMm: 150,
    tiltDeg: 8,
    heightMm: 5,
    note: '',
  };
  const entries = [{ id: 'r', body: set }];
  const { rest } = wheelInUse('w', { ...WHEEL, diameterMm: 130 }, BENCH, { ...NONE, entries });
  expect(rest!.now.asItStandsDeg).toBeCloseTo(12.41, 2);
  expect(rest!.now.tiltDeg).toBeCloseTo(7.41, 2);
  // An edge that the worn wheel no longer reaches has no rest to correct.
  const high = [{ id: 'r', body: { ...set, heightMm: 70 } }];
  expect(wheelInUse('w', { ...WHEEL, diameterMm: 130 }, BENCH, { ...NONE, entries: high }).rest).toBeNull();
});
