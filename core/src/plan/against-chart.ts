import { AMBIENT_C, CHIP_SHARE, heatTrust, interfaceHeat } from '../mechanics/heat';
import { forceConstants, specificForce } from '../mechanics/specific-force';
import { toolLife, type ToolLife } from '../mechanics/tool-life';
import type { FactorName } from '../mechanics/factor-chain';
import type { CutPlan } from '../operation/cut-plan';
import { forceEdge } from '../operation/edge';
import { operationOf, type CutSetup } from '../operation/registry';

/** Factors for the machine and its hold: they do not spare the edge. */
const OF_THE_MACHINE: readonly FactorName[] = [
  'tired-machine',
  'light-machine',
  'long-overhang',
  'very-long-overhang',
  'light-finishing',
];
/** Feed and depth that a chart for turning goes with, mm. */
const TURNING = { feedMmRev: 0.2, depthMm: 2 } as const;

/** Middle of the chart for this metal, edge and operation, m/min. */
const middleMPerMin = ({ speed: { range } }: CutPlan): number => (range.lowMPerMin + range.highMPerMin) / 2;

/** Product of the factors on the speed that spare the edge. */
const spared = ({ speed: { factors } }: CutPlan): number =>
  factors.applied
    .filter(({ name }) => !OF_THE_MACHINE.includes(name))
    .reduce((product, { speed }) => product * speed, 1);

/** Feed of the cut over the one its chart goes with: 0.2 mm in turning, else the charted start of the operation. */
function feedShare(setup: CutSetup, { feed }: CutPlan): number {
  if (operationOf(setup).surface === 'nose') return feed.mmRev / TURNING.feedMmRev;
  const charted = feed.tooth ? feed.baseMm * feed.tooth.compensation * feed.tooth.teeth : feed.baseMm;
  return feed.mmRev / charted;
}

/** Depth of the cut over the one its chart goes with: 2 mm in turning, the usual start in milling, else nothing. */
function depthShare(setup: CutSetup, { depth }: CutPlan): number {
  const { surface, cutting } = operationOf(setup);
  if (surface === 'nose') return depth.mm / TURNING.depthMm;
  return cutting === 'milling' ? depth.mm / depth.wantedMm : 1;
}

/**
 * Minutes the edge lasts; null below carbide's useful speed, where wear does not decide.
 *
 * @param isTooHot  the edge is over its hot limit: it lasts its usual time at most, however thin the chip
 */
export function edgeLife(setup: CutSetup, plan: CutPlan, isTooHot: boolean): ToolLife | null {
  const { edge, speed } = plan;
  if (edge.family === 'carbide' && speed.actualMPerMin < speed.range.leastUsefulMPerMin) return null;
  const life = toolLife(edge, {
    middleMPerMin: middleMPerMin(plan),
    spared: spared(plan),
    speedMPerMin: speed.actualMPerMin,
    feedShare: feedShare(setup, plan),
    depthShare: depthShare(setup, plan),
  });
  return isTooHot ? atMost(life, edge.life.minutes) : life;
}

const atMost = ({ minutes, lowMinutes, highMinutes }: ToolLife, mostMinutes: number): ToolLife => {
  const share = Math.min(1, mostMinutes / minutes);
  return { minutes: share * minutes, lowMinutes: share * lowMinutes, highMinutes: share * highMinutes };
};

export interface ChartedHeat {
  readonly interfaceC: number;
  readonly chipBodyC: number;
  /** Share of the computed rise that is believed; under 1 it is scaled to the chart. */
  readonly trust: number;
}

/**
 * Temperature between chip and edge, laid through the chart: at its middle, with the
 * usual feed and fluid, the edge stands at 80 % of its hot limit at most. Friction of
 * a worn flank is left out: it does not heat the rake face.
 *
 * @param chipMm  thickness of the chip that makes the heat
 */
export function chartedHeat(
  setup: CutSetup,
  plan: CutPlan,
  kOperation: number,
  chipMm: number,
): ChartedHeat | null {
  const { metal, edge, speed } = plan;
  const { thermal } = metal;
  if (!thermal) return null;
  const { rakeDeg } = forceEdge(setup.tool, metal, edge);
  const rise = (mPerMin: number, mm: number, wet: boolean) => {
    const { kc } = specificForce(
      forceConstants(metal),
      { rakeDeg, wearLandMm: 0 },
      mm,
      mPerMin,
      'turn-outside',
    );
    return interfaceHeat(kc * kOperation, thermal, mPerMin, mm, AMBIENT_C, wet).riseK;
  };
  const isUsuallyWet = metal.noFluidFactor[edge.family] < 1;
  const charted = rise(middleMPerMin(plan), chipMm / feedShare(setup, plan), isUsuallyWet);
  const trust = heatTrust(edge.hotLimitC, charted);
  return believed(trust * rise(speed.actualMPerMin, chipMm, setup.fluid !== 'dry'), trust);
}

const believed = (riseK: number, trust: number): ChartedHeat => ({
  interfaceC: AMBIENT_C + riseK,
  chipBodyC: AMBIENT_C + CHIP_SHARE * riseK,
  trust,
});
