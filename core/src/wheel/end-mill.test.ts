import fc from 'fast-check';
import { endMillFindings, stopsSharpening } from './end-mill-findings';
import { millJob } from './end-mill.fixture';
import type { EndMillJob } from './end-mill-job';
import { centreGap, endMillPlan, raiseWay, withOtherWheel } from './end-mill-plan';
import { toothReach } from './tooth-reach';

const found = (job: EndMillJob) => endMillFindings(job, endMillPlan(job)).map(({ code }) => code);
const wheel = (over: Partial<EndMillJob['wheel']>) => millJob({ wheel: { ...millJob().wheel, ...over } });
const wish = (over: Partial<EndMillJob['wish']>) => millJob({ wish: { ...millJob().wish, ...over } });
const cutter = (over: Partial<EndMillJob['cutter']>) => millJob({ cutter: { ...millJob().cutter, ...over } });

it('a chipped 12 mm cutter at a 60 mm wheel, worked by hand', () => {
  const plan = endMillPlan(millJob());
  // 30 sin 6°; the wheel's top stands that much and its radius above the tooth.
  expect(plan.raiseMm).toBeCloseTo(3.136, 3);
  expect(plan.topMm).toBeCloseTo(33.136, 3);
  expect(plan.way).toBe('raise');
  // 0.8 + 30 sin 14°.
  expect(plan.second!.raiseMm).toBeCloseTo(8.058, 3);
  expect(plan.second!.deeperMm).toBeCloseTo(0.8, 3);
  // (12 - 2.4) / 2 x tan 2°, and 50 sin 2°.
  expect(plan.dish.depthMm).toBeCloseTo(0.1676, 4);
  expect(plan.dish.readingMm).toBeCloseTo(1.745, 3);
  // The chip of 0.25 decides over 0.2 tan 6°: 0.28 with the margin, in 14 rounds of 0.02.
  expect(plan.rounds.stockMm).toBeCloseTo(0.28, 6);
  expect(plan.rounds.rounds).toBe(14);
  // (14 + 1) x 4 first, 14 x 4 second (0.80 in steps of 0.06), at 0.35 min, and 18 to set up.
  expect(plan.minutes).toBeCloseTo(18 + 0.35 * (60 + 56), 6);
  expect(found(millJob())).toEqual([]);
});

it.each([
  ['right', 'operator', 'raise'],
  ['right', 'far', 'lower'],
  ['left', 'operator', 'lower'],
  ['left', 'far', 'raise'],
] as const)('a %s-hand cutter on the %s side: %s the wheel', (hand, side, way) =>
  expect(raiseWay(hand, side)).toBe(way),
);

it('the far side has the wheel as much below the axis, and its top lower by twice that', () => {
  const [near, far] = [endMillPlan(millJob()), endMillPlan(millJob({ side: 'far' }))];
  expect(near.topMm - far.topMm).toBeCloseTo(2 * near.raiseMm, 9);
});

it.each([
  ['over its speed', wheel({ spindleRpm: 12_000 }), 'over-speed'],
  ['without a rating', wheel({ ratedMPerS: null }), 'no-rating'],
  ['a cutting disc', wheel({ form: 'cut-off' }), 'cut-off-disc'],
  ['worn out', wheel({ diameterMm: 39 }), 'wheel-used-up'],
  ['green for HSS', wheel({ abrasive: 'green-silicon-carbide' }), 'wrong-abrasive'],
  ['a tiny disc and little relief', wheel({ diameterMm: 12, leastMm: 8 }), 'heel-rises'],
  [
    'two degrees on a small disc',
    { ...wheel({ diameterMm: 20, leastMm: 8 }), wish: { ...millJob().wish, reliefDeg: 2 } },
    'relief-impossible',
  ],
  ['a second relief below the first', wish({ secondDeg: 1 }), 'second-too-small'],
  ['twelve teeth', cutter({ teeth: 12 }), 'too-many-teeth'],
  ['a land wider than the pitch bears', wish({ landMm: 3 }), 'land-too-wide'],
  ['a plate that does not divide', { ...cutter({ teeth: 3 }), holes: 40 }, 'index-off'],
  ['flutes used up', cutter({ fluteMm: 6.1 }), 'too-much-stock'],
  ['burnt', millJob({ wear: 'burnt' }), 'burnt'],
] as const)('%s is found', (_, job, code) => expect(found(job)).toContain(code));

it('the rating is that of the new wheel: a worn one may not run faster', () =>
  expect(found(wheel({ diameterMm: 45, markedMm: 100, spindleRpm: 8000 }))).toContain('over-speed'));

it('what stops it comes first; a heel that rises only warns', () => {
  const codes = endMillFindings(
    { ...wheel({ diameterMm: 14, leastMm: 8, form: 'cut-off' }) },
    endMillPlan(wheel({ diameterMm: 14, leastMm: 8, form: 'cut-off' })),
  );
  expect(codes.map(stopsSharpening)).toEqual([true, false]);
});

it('a finding names the wheel that would do: at that diameter it is gone', () => {
  const job = { ...wheel({ diameterMm: 20, leastMm: 8 }), wish: { ...millJob().wish, reliefDeg: 2 } };
  const [finding] = endMillFindings(job, endMillPlan(job)).filter(({ code }) => code === 'relief-impossible');
  const enough = (finding as { leastMm: number }).leastMm * 1.001;
  expect(found({ ...job, wheel: { ...job.wheel, diameterMm: enough } })).not.toContain('relief-impossible');
  expect(found({ ...job, wheel: { ...job.wheel, diameterMm: enough * 0.99 } })).toContain(
    'relief-impossible',
  );
});

it('a larger wheel is raised more for the same relief, and leaves more of it at the heel', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 25, max: 200, noNaN: true }),
      fc.double({ min: 1.05, max: 4, noNaN: true }),
      (d, by) => {
        const [small, large] = [withOtherWheel(millJob(), d)!, withOtherWheel(millJob(), d * by)!];
        expect(large.raiseMm).toBeGreaterThan(small.raiseMm);
        expect(large.edgeDeg).toBeCloseTo(small.edgeDeg, 9);
        expect(large.heelDeg).toBeGreaterThan(small.heelDeg);
      },
    ),
  ));

it('more teeth never leave more room along a tooth', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 5, max: 30 }),
      fc.double({ min: 3, max: 40, noNaN: true }),
      (teeth, diameterMm) => {
        const reach = (z: number) => toothReach({ teeth: z, diameterMm }, 5, 0);
        expect(reach(teeth + 1)).toBeLessThanOrEqual(reach(teeth) + 1e-9);
      },
    ),
  ));

it('up to four teeth are ground to the gap at the centre', () => {
  expect(centreGap(millJob().cutter)).toBeCloseTo(2.4, 9);
  expect(toothReach({ teeth: 4, diameterMm: 12 }, 15, 2.4)).toBeCloseTo(4.5, 9);
  expect(toothReach({ teeth: 1, diameterMm: 12 }, 15, 0)).toBeCloseTo(5.7, 9);
});
