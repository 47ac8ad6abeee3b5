import type { ComparisonBody, GaugeBody } from '@pike-stone/contract';
import { surfaceSpeed, unlessRefused } from '@pike-stone/core';
import {
  currentFor,
  mean,
  netPower,
  removalRate,
  USUAL_IDLE_A,
  welchInterval,
  type Removal,
  type WelchInterval,
} from '@pike-stone/core/compare';
import { forecast } from '@pike-stone/core/forecast';
import { planAt } from '@pike-stone/core/learn';
import { FINISH_GRADES_UM } from '@pike-stone/words/learn';
import type { CutOf } from '../useCutOf';
import { setOf, valuesOf, type Side } from './sides';

/** What a side takes off. */
function removalOf(body: Pick<ComparisonBody, 'diameterMm' | 'setA' | 'setB'>, side: Side): Removal {
  const { rpm, feedMmRev, depthMm } = setOf(body, side);
  return { vcMPerMin: surfaceSpeed(rpm, body.diameterMm), feedMm: feedMmRev, depthMm };
}

/** Net power at the cut from two currents, W; null where the two cannot be. */
export const powerOf = (
  body: Pick<ComparisonBody, 'gauge' | 'diameterMm' | 'setA' | 'setB'>,
  side: Side,
  idleA: number,
  cutA: number,
): number | null =>
  unlessRefused(() => netPower({ ...body.gauge, idleA, cutA }, removalOf(body, side)).netPowerW, null);

/** Energy for each cubic millimetre that a side took in the mean, J/mm³; null where it has no reading. */
export function energyOf(body: ComparisonBody, side: Side): number | null {
  const values = valuesOf(body, side);
  if (values.length === 0) return null;
  return mean(values) / removalRate(removalOf(body, side));
}

/** The readings with their power as another ammeter or motor gives it from the same currents. */
export const readAnew = (body: ComparisonBody, gauge: GaugeBody): ComparisonBody['readings'] =>
  body.readings.map((one) =>
    one.idleA === null || one.cutA === null
      ? one
      : { ...one, value: powerOf({ ...body, gauge }, one.side, one.idleA, one.cutA) ?? one.value },
  );

/** Current that the simulated ammeter shows in the cut, A: what the forecast of this side draws. */
export function simulatedA(body: ComparisonBody, { setup, plan }: CutOf, side: Side): number | null {
  const kw = forecast(setup, planAt(plan, setOf(body, side))).power?.powerKw;
  if (kw === undefined) return null;
  return unlessRefused(
    () => Number(currentFor({ ...body.gauge, idleA: USUAL_IDLE_A }, 1000 * kw).toFixed(3)),
    null,
  );
}

const CONFIDENCE = 0.95;
/** Resolution of a reading by what is measured: um of Ra, mm of wear, grades of chip. */
const RESOLUTION = { finish: 0.01, wear: 0.01, chip: 1 } as const;
/** Grades of a plate double: one that a surface is judged to be like reaches half a grade either way. */
const GRADE_WIDTH = Math.SQRT2 - Math.SQRT1_2;

/** Resolution of a comparison's readings: that of the ammeter, of the plate where all were judged by it, or of what is measured. */
function resolutionOf(body: ComparisonBody): number {
  if (body.measure === 'power') return wattStep(body);
  const values = body.readings.map(({ value }) => value);
  const isJudged = values.every((one) => FINISH_GRADES_UM.some((grade) => grade === one));
  return body.measure === 'finish' && isJudged ? GRADE_WIDTH * Math.max(...values) : RESOLUTION[body.measure];
}

/** The interval of the difference; null while either side has fewer than two readings. */
export function intervalOf(body: ComparisonBody): WelchInterval | null {
  const [a, b] = [valuesOf(body, 'a'), valuesOf(body, 'b')];
  if (a.length < 2 || b.length < 2) return null;
  return unlessRefused(() => welchInterval(a, b, resolutionOf(body), CONFIDENCE, body.matters), null);
}

/** Net power of one step of the ammeter, W: readings that are equal are no nearer than that. */
function wattStep(body: ComparisonBody): number {
  const one = body.readings.find(({ idleA, cutA }) => idleA !== null && cutA !== null);
  if (!one) return 0;
  const at = (more: number) => powerOf(body, one.side, one.idleA!, one.cutA! + more) ?? 0;
  return Math.abs(at(body.gauge.resolutionA) - at(0));
}
