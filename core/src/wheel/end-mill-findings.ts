import { DEG } from '../quantity/angle';
import { abrasiveFor } from './abrasive';
import type { EndMillJob } from './end-mill-job';
import type { EndMillPlan } from './end-mill-plan';
import { indexRunout } from './index-teeth';
import { wheelSpeed } from './wheel-speed';

/** What is wrong with a way of sharpening an end mill. */
export type EndMillFinding =
  | { readonly code: 'over-speed'; readonly rpm: number; readonly mostRpm: number }
  | { readonly code: 'no-rating' }
  | { readonly code: 'cut-off-disc' }
  | { readonly code: 'wheel-used-up'; readonly diameterMm: number; readonly leastMm: number }
  | { readonly code: 'wrong-abrasive' | 'poor-abrasive' }
  | { readonly code: 'relief-impossible'; readonly leastMm: number }
  | { readonly code: 'heel-rises'; readonly leastMm: number }
  | { readonly code: 'second-too-small'; readonly leastDeg: number }
  | { readonly code: 'too-many-teeth'; readonly reachMm: number; readonly wantedMm: number }
  | { readonly code: 'land-too-wide'; readonly mostMm: number }
  | { readonly code: 'index-off'; readonly worstDeg: number; readonly lowMm: number }
  | { readonly code: 'too-much-stock'; readonly stockMm: number; readonly fluteMm: number }
  | { readonly code: 'burnt' };

/** Findings with which nothing is ground. */
const STOPS: readonly EndMillFinding['code'][] = [
  'over-speed',
  'no-rating',
  'cut-off-disc',
  'wheel-used-up',
  'wrong-abrasive',
  'relief-impossible',
  'second-too-small',
  'too-many-teeth',
  'land-too-wide',
  'too-much-stock',
];
export const stopsSharpening = ({ code }: EndMillFinding): boolean => STOPS.includes(code);

/** Least length of an end edge, as a share of the diameter: shorter, and the corner is all that cuts. */
const LEAST_EDGE_SHARE = 1 / 8;
/** Most of a tooth's pitch that a land may take. */
const LAND_OF_PITCH = 0.3;
/** A tooth this much lower than the others is noticed, mm. */
const NOTICED_MM = 0.01;
/** Flutes shorter than this many diameters are used up. */
export const LEAST_FLUTE_DIAMETERS = 0.5;

const GUARD = 1e-9;

/** Findings about the wheel itself: its speed against its rating, its form, its size, its abrasive. */
function wheelFindings({ wheel, cutter }: EndMillJob): readonly (EndMillFinding | false)[] {
  const { ratedMPerS, ratedRpm, spindleRpm, markedMm, diameterMm, leastMm, form, abrasive } = wheel;
  const isRated = ratedMPerS !== null || ratedRpm !== null;
  const speed = isRated && wheelSpeed(markedMm, spindleRpm, { mPerS: ratedMPerS, rpm: ratedRpm });
  const verdict = abrasive && abrasiveFor(cutter.material, abrasive);
  return [
    speed === false
      ? { code: 'no-rating' }
      : !speed.ok && { code: 'over-speed', rpm: spindleRpm, mostRpm: speed.maxRpm },
    form === 'cut-off' && { code: 'cut-off-disc' },
    diameterMm < leastMm - GUARD && { code: 'wheel-used-up', diameterMm, leastMm },
    verdict === 'unsuitable'
      ? { code: 'wrong-abrasive' }
      : verdict === 'possible' && { code: 'poor-abrasive' },
  ];
}

/** Findings about the ground shape and the stock that has to come off. */
function shapeFindings(job: EndMillJob, plan: EndMillPlan): readonly (EndMillFinding | false)[] {
  const { cutter, wish } = job;
  const { land, index } = plan;
  const sine = Math.sin(wish.reliefDeg * DEG);
  const wantedMm = LEAST_EDGE_SHARE * cutter.diameterMm;
  const mostLandMm = LAND_OF_PITCH * cutter.diameterMm * Math.sin(Math.PI / Math.max(2, cutter.teeth));
  const off = index.worstDeg ?? 0;
  const lowMm = Math.abs(indexRunout(plan.radiusMm, plan.raiseMm, cutter.diameterMm, off).lowMm);
  return [
    land.warning === 'heel-drags' && { code: 'relief-impossible', leastMm: wish.landMm / sine },
    land.warning === 'heel-rising' && { code: 'heel-rises', leastMm: (2 * wish.landMm) / sine },
    wish.secondDeg !== null
      && plan.second === null && { code: 'second-too-small', leastDeg: Math.max(0, land.heelDeg) },
    plan.reachMm < wantedMm && { code: 'too-many-teeth', reachMm: plan.reachMm, wantedMm },
    wish.landMm > mostLandMm + GUARD && { code: 'land-too-wide', mostMm: mostLandMm },
    lowMm > NOTICED_MM && { code: 'index-off', worstDeg: off, lowMm },
    cutter.fluteMm - plan.rounds.stockMm < LEAST_FLUTE_DIAMETERS * cutter.diameterMm && {
      code: 'too-much-stock',
      stockMm: plan.rounds.stockMm,
      fluteMm: cutter.fluteMm,
    },
    job.wear === 'burnt' && { code: 'burnt' },
  ];
}

/**
 * What is wrong with a way of sharpening, what stops it first. A land whose heel would stand proud
 * cannot be ground with this wheel: a larger one, a narrower land or more relief can.
 */
export const endMillFindings = (job: EndMillJob, plan: EndMillPlan): readonly EndMillFinding[] =>
  [...wheelFindings(job), ...shapeFindings(job, plan)]
    .filter((one): one is EndMillFinding => one !== false && one !== null)
    .sort((a, b) => Number(stopsSharpening(b)) - Number(stopsSharpening(a)));
