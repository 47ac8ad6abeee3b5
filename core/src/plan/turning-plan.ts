import type { MachineCondition } from '../machine/machine-condition';
import type { Material } from '../material/material';
import { workDeflection, type SupportedBy } from '../mechanics/deflection';
import { factorChain, type FactorName } from '../mechanics/factor-chain';
import { AMBIENT_C, speedForHeat } from '../mechanics/heat';
import {
  builtUpEdgeFactor,
  feedForRoughness,
  FINISH_CHIP_RATIO,
  machineFinishFactor,
} from '../mechanics/roughness';
import { forceConstants, specificForce } from '../mechanics/specific-force';
import { spindleSpeed, surfaceSpeed } from '../mechanics/spindle-speed';
import {
  turningFeedLimits,
  turningFeedStart,
  type TurningFeedLimit,
  type TurningFeedStart,
} from '../mechanics/turning-feed';
import { depthByPower, turningForce } from '../mechanics/turning-force';
import { DEG } from '../quantity/angle';
import { lastWhere } from '../quantity/bisection';
import { governingLimit, type Governed } from '../quantity/governing-limit';
import type { ToolMaterial } from '../tool/tool-material';
import { fastestMPerMin, speedAim, type SpeedAim } from './aim';
import type { ShopRules } from './rules';

/** A turning cut on a spindle that turns at any speed between two, with power and torque known. */
export interface TurningWish {
  readonly metal: Material;
  readonly edge: ToolMaterial;
  readonly rules: Pick<ShopRules, 'school' | 'backOffThird'>;
  readonly factors: readonly FactorName[];
  readonly diameterMm: number;
  readonly depthWantedMm: number;
  readonly noseRadiusMm: number;
  readonly approachDeg: number;
  readonly rakeDeg: number;
  readonly cornerDeg: number;
  /** Usable straight edge of the tool, mm. */
  readonly edgeLengthMm: number;
  readonly condition: MachineCondition;
  readonly rpmMin: number;
  readonly rpmMax: number;
  readonly powerKw: number;
  readonly torqueNm: number;
  /** Null when roughing. */
  readonly raWantedUm: number | null;
  readonly lengthMm: number;
  readonly positionMm: number;
  readonly support: SupportedBy;
  readonly diameterErrorAllowedMm: number;
}

type SpeedLimit = 'chart' | 'machine-top' | 'heat' | 'machine-bottom';
type DepthLimit = 'power' | 'torque' | 'stiffness' | 'edge-length' | 'edge-radius';

interface SpeedWindow {
  readonly heatMPerMin: number | null;
  readonly found: Governed<SpeedLimit>;
}

interface DepthWindow {
  readonly powerMm: number;
  readonly torqueMm: number;
  /** Null when no depth up to 20 mm bends the work too far. */
  readonly deflectionMm: number | null;
  readonly found: Governed<DepthLimit>;
}

export interface TurningPlan {
  readonly aim: SpeedAim;
  readonly speed: SpeedWindow;
  readonly rpm: number;
  readonly belowUseful: boolean;
  readonly feed: TurningFeedStart;
  readonly depth: DepthWindow;
  readonly powerKw: number;
  /** The limit that decided last: of the depth, else of the speed, else of the feed. */
  readonly governing: TurningFeedLimit | SpeedLimit | DepthLimit;
}

/** An edge is kept this far below the heat its material stands, K. */
const HEAT_MARGIN_K = 50;
/** Depths for which the spring of the work is looked at, mm. */
const DEEPEST_MM = 20;
/** Share of the straight edge that a depth may use. */
const EDGE_SHARE = 2 / 3;
/** The force for the heat is taken at this speed; it hardly moves with speed, m/min. */
const HEAT_FORCE_SPEED_M_PER_MIN = 100;

/**
 * Feed, speed and depth of a turning cut, each held within every limit in a fixed
 * order without iteration: the same input gives the same answer, and each quantity
 * says which limit decided.
 *
 * Order: aim of the chart and factors; feed (finish, nose, machine; not under what
 * the edge can cut); speed (chart, machine, heat); depth (power, torque, slender
 * work, length of edge). Aim and feed are those of `cutPlan`.
 */
export function turningPlan(wish: TurningWish): TurningPlan {
  const { metal, edge, diameterMm } = wish;
  const aim = speedAim(metal, edge, 'turning', wish.rules, wish.factors);
  const limits = turningFeedLimits({
    ...wish,
    depthMm: wish.depthWantedMm,
    edgeRadiusUm: edge.edgeRadiusUm,
    minChipRatio: edge.minChipRatio,
  });
  const feed = feedStart(wish, aim, limits);
  const speed = speedWindow(wish, aim, feed.feed.start);
  const cut: CutAt = { feedMmRev: feed.feed.start, speedMPerMin: speed.found.start };
  const depth = depthWindow(wish, aim, cut, limits.depthFloorMm);
  const decided = [depth.found.governing, speed.found.governing];
  return {
    aim,
    speed,
    rpm: spindleSpeed(cut.speedMPerMin, diameterMm),
    belowUseful: cut.speedMPerMin < aim.range.leastUsefulMPerMin,
    feed,
    depth,
    powerKw: forceAt(wish, cut, depth.found.start).powerKw,
    governing: decided.find((name) => name !== 'wanted') ?? feed.decidedBy,
  };
}

interface CutAt {
  readonly feedMmRev: number;
  readonly speedMPerMin: number;
}

const sharp = ({ rakeDeg }: TurningWish) => ({ rakeDeg, wearLandMm: 0 });
const isWet = ({ factors }: TurningWish): boolean => !factors.includes('no-fluid');

const forceAt = (wish: TurningWish, cut: CutAt, depthMm: number) =>
  turningForce(forceConstants(wish.metal), sharp(wish), 'turn-outside', {
    ...cut,
    depthMm,
    diameterMm: wish.diameterMm,
    noseRadiusMm: wish.noseRadiusMm,
    approachDeg: wish.approachDeg,
  });

/** The start of the feed; a wanted finish already asks for a fine one, so light finishing does not ease it again. */
function feedStart(
  wish: TurningWish,
  { factors, aimMPerMin }: SpeedAim,
  limits: ReturnType<typeof turningFeedLimits>,
): TurningFeedStart {
  const { metal, edge, condition, noseRadiusMm, raWantedUm } = wish;
  if (raWantedUm === null)
    return turningFeedStart(limits, { condition, finishMmRev: null, feedFactor: factors.feedFactor });
  const rougher =
    builtUpEdgeFactor(metal.builtUpEdge, aimMPerMin, isWet(wish), wish.rakeDeg)
    * machineFinishFactor(condition);
  const { feedMmRev } = feedForRoughness(raWantedUm, noseRadiusMm, edge.edgeRadiusUm, rougher);
  const finestMmRev = Math.sqrt((2 * noseRadiusMm * FINISH_CHIP_RATIO * edge.edgeRadiusUm) / 1000);
  const others = wish.factors.filter((name) => name !== 'light-finishing');
  return turningFeedStart(limits, {
    condition,
    finishMmRev: feedMmRev ?? finestMmRev,
    feedFactor: factorChain(metal, edge, others).feedFactor,
  });
}

/** The speed: the aim, held by chart, machine and the heat that the edge stands. */
function speedWindow(wish: TurningWish, aim: SpeedAim, feedMmRev: number): SpeedWindow {
  const { metal, edge, diameterMm, rpmMin, rpmMax } = wish;
  const chipMm = feedMmRev * Math.sin(wish.approachDeg * DEG);
  const steady = { ...forceConstants(metal), speedExponent: 0 };
  const { kc } = specificForce(steady, sharp(wish), chipMm, HEAT_FORCE_SPEED_M_PER_MIN, 'turn-outside');
  const riseK = edge.hotLimitC - HEAT_MARGIN_K - AMBIENT_C;
  const heatMPerMin = metal.thermal && speedForHeat(kc, metal.thermal, chipMm, riseK, isWet(wish));
  const found = governingLimit<SpeedLimit>(
    [
      { name: 'chart', value: fastestMPerMin(aim.range, aim.factors) },
      { name: 'machine-top', value: surfaceSpeed(rpmMax, diameterMm) },
      { name: 'heat', value: heatMPerMin },
    ],
    [{ name: 'machine-bottom', value: surfaceSpeed(rpmMin, diameterMm) }],
    aim.aimMPerMin,
  );
  return { heatMPerMin, found };
}

/** The depth: the wish times its factor, held by power, torque, slender work and length of edge. */
function depthWindow(wish: TurningWish, { factors }: SpeedAim, cut: CutAt, floorMm: number): DepthWindow {
  const { metal, diameterMm, approachDeg } = wish;
  const { powerMm, torqueMm } = depthByPower(
    forceConstants(metal),
    sharp(wish),
    'turn-outside',
    { ...cut, approachDeg, diameterMm },
    wish,
  );
  const deflectionMm = depthByDeflection(wish, cut);
  const found = governingLimit<DepthLimit>(
    [
      { name: 'power', value: powerMm },
      { name: 'torque', value: torqueMm },
      { name: 'stiffness', value: deflectionMm },
      { name: 'edge-length', value: EDGE_SHARE * wish.edgeLengthMm * Math.sin(approachDeg * DEG) },
    ],
    [{ name: 'edge-radius', value: floorMm }],
    wish.depthWantedMm * factors.depthFactor,
  );
  return { powerMm, torqueMm, deflectionMm, found };
}

/** The largest depth up to 20 mm at which the work stays within the allowed error; null when all do. */
function depthByDeflection(wish: TurningWish, cut: CutAt): number | null {
  const { support, metal, diameterMm, lengthMm, positionMm } = wish;
  // Beyond 90° the edge pushes as at 90°.
  const upright = { ...wish, approachDeg: Math.min(90, wish.approachDeg) };
  const isWithin = (depthMm: number): boolean => {
    const { fpN } = forceAt(upright, cut, depthMm);
    const bent = workDeflection(support, metal.eGPa, diameterMm, 0, lengthMm, positionMm, fpN);
    return bent.diameterErrorMm <= wish.diameterErrorAllowedMm;
  };
  return isWithin(DEEPEST_MM) ? null : lastWhere(isWithin, 0, DEEPEST_MM);
}
