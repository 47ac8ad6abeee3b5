import { startSolid } from '../../test/start-solid';
import { exactCut, type SolidLibrary } from '../solid/exact-cut';
import { plainCut } from '../solid/plain-cut';
import { endMillPlan } from './end-mill-plan';
import { millJob } from './end-mill.fixture';
import { usualEndWish, type EndMillJob } from './end-mill-job';
import { endMillSolid, landHollow, readEndRelief } from './end-tooth-solid';

let library: SolidLibrary;
beforeAll(async () => {
  library = await startSolid();
});

const onWheel = (diameterMm: number, wish: Partial<EndMillJob['wish']> = {}, cutter = {}): EndMillJob => {
  const job = millJob();
  return millJob({
    wheel: { ...job.wheel, diameterMm },
    wish: { ...job.wish, ...wish },
    cutter: { ...job.cutter, ...cutter },
  });
};
const solidOf = (job: EndMillJob) => {
  const { blank, cuts } = endMillSolid(job, endMillPlan(job));
  return exactCut(library, blank, cuts);
};

// Relief at the edge is asin(h/R), at the heel asin((h - w)/R): worked with a calculator.
it.each([
  ['a 60 mm wheel', onWheel(60), 6, 4.4669],
  ['a 22 mm disc', onWheel(22, { secondDeg: null }), 6, 1.8236],
  ['a 150 mm wheel', onWheel(150), 6, 5.3858],
  ['8° of relief', onWheel(60, { reliefDeg: 8 }), 8, 6.4592],
  ['no dish', onWheel(60, { dishDeg: 0 }), 6, 4.4669],
  ['two teeth', onWheel(60, {}, { teeth: 2 }), 6, 4.4669],
  ['six teeth of 25 mm', onWheel(60, { landMm: 1.5 }, { teeth: 6, diameterMm: 25 }), 6, 3.1281],
])('on %s the solid is read within 0.05° of the formula', (_, job, edge, heel) => {
  const read = readEndRelief(job, solidOf(job).facets)!;
  expect(Math.abs(read.edgeDeg - edge)).toBeLessThan(0.05);
  expect(Math.abs(read.heelDeg - heel)).toBeLessThan(0.05);
  expect(read.radiusMm).toBeCloseTo(job.wheel.diameterMm / 2, 0);
});

it('a wheel at another height leaves another relief on the solid', () => {
  const job = onWheel(60);
  const plan = endMillPlan(job);
  const { blank, cuts } = endMillSolid(job, { ...plan, raiseMm: plan.raiseMm / 2 });
  expect(readEndRelief(job, exactCut(library, blank, cuts).facets)!.edgeDeg).toBeCloseTo(2.996, 1);
});

it('each tooth loses as much, and the second relief takes what is left behind the land', () => {
  const [, , first, others, second] = solidOf(onWheel(60)).removedMm3;
  expect(others! / first!).toBeCloseTo(3, 1);
  expect(second!).toBeGreaterThan(0.3 * (first! + others!));
});

it('the plain way of cutting leaves flat lands with the slope of the chord', () => {
  const job = onWheel(60);
  const { blank, cuts } = endMillSolid(job, endMillPlan(job));
  const plain = plainCut(blank, cuts);
  const read = readEndRelief(job, plain.facets)!;
  expect(read.edgeDeg).toBeCloseTo(5.2335, 2);
  expect(read.heelDeg).toBe(read.edgeDeg);
  // The hollows of the exact solid are missing, and the recess of its centre.
  expect(plain.volumeMm3 / solidOf(job).volumeMm3).toBeGreaterThan(0.99);
});

it('a solid without the land has no relief to read', () => expect(readEndRelief(millJob(), [])).toBeNull());

it('a larger wheel leaves a shallower hollow', () => {
  const small = landHollow(endMillPlan(onWheel(22, { secondDeg: null })), 0.8);
  const large = landHollow(endMillPlan(onWheel(150)), 0.8);
  // w^2 / (8 R): 0.0073 and 0.0011 mm.
  expect(small).toBeCloseTo(0.0073, 3);
  expect(large).toBeCloseTo(0.0011, 3);
  expect(usualEndWish(12).landMm).toBe(0.8);
});
