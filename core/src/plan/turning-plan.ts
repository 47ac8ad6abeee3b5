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
import { speedRange, type SpeedSchool } from '../mechanics/speed-range';
import { spindleSpeed, surfaceSpeed } from '../mechanics/spindle-speed';
import type { MachineCondition } from '../machine/machine-condition';
import { engagedEdge, turningFeedLimits } from '../mechanics/turning-feed';
import { depthByPower, turningForce } from '../mechanics/turning-force';
import type { Material } from '../material/material';
import type { ToolMaterial } from '../tool/tool-material';
import { governingLimit, type Governed } from './governing-limit';
import { lastWhere } from '../quantity/bisection';
import { DEG } from '../quantity/angle';

export interface TurningWish {
  readonly metal: Material;
  readonly edge: ToolMaterial;
  readonly school: SpeedSchool;
  readonly backOffThird: boolean;
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
  /** What the spindle has at the step in question. */
  readonly powerKw: number;
  readonly torqueNm: number;
  /** Null when roughing. */
  readonly raWantedUm: number | null;
  readonly lengthMm: number;
  readonly positionMm: number;
  readonly support: SupportedBy;
  readonly diameterErrorAllowedMm: number;
}

export type FeedLimit = 'finish' | 'nose-radius' | 'machine-feed' | 'edge-radius';
export type SpeedLimit = 'range' | 'machine-top' | 'heat' | 'machine-bottom';
export type DepthLimit = 'power' | 'torque' | 'work-deflection' | 'edge-length' | 'depth-floor';

export interface TurningPlan {
  readonly speedWantedMPerMin: number;
  readonly speed: Governed<SpeedLimit>;
  readonly speedHeatMPerMin: number | null;
  readonly rpm: number;
  readonly belowUseful: boolean;
  readonly feed: Governed<FeedLimit>;
  readonly feedGoverning: FeedLimit;
  readonly depth: Governed<DepthLimit>;
  readonly depthPowerMm: number;
  readonly depthTorqueMm: number;
  readonly depthDeflectionMm: number | null;
  readonly powerKw: number;
  readonly governing: FeedLimit | SpeedLimit | DepthLimit;
}

const ROUGHING_SHARE = 0.6;
const FINISHING_SHARE = 0.9;
const HEAT_MARGIN_K = 50;
const DEEPEST_MM = 20;

/**
 * Feed, speed and depth of a turning cut held within every limit, in a fixed
 * order without iteration: the same inputs give the same answer, and each
 * quantity says which limit decided.
 *
 * Order: wanted speed from chart and burdens; feed (finish, nose, machine; not
 * under what the edge can cut); speed (chart, machine, heat); depth (power,
 * torque, slender work, length of edge).
 */
export function turningPlan(wish: TurningWish): TurningPlan {
  const { metal, edge, diameterMm } = wish;
  const chain = factorChain(metal, edge, wish.factors);
  const range = speedRange(metal, edge, 'turning', wish.school, wish.backOffThird);
  const speedWantedMPerMin = range.startMPerMin * chain.speedFactor;
  const wet = !wish.factors.includes('no-fluid');
  const { feed, feedGoverning } = feedOf(wish, chain.feedFactor, speedWantedMPerMin, wet);
  const constants = forceConstants(metal);
  const worn = { rakeDeg: wish.rakeDeg, wearLandMm: 0 };

  const chipMm = feed.start * Math.sin(wish.approachDeg * DEG);
  const speedHeatMPerMin =
    metal.thermal
    && speedForHeat(
      specificForce({ ...constants, speedExponent: 0 }, worn, chipMm, 100, 'turn-outside').kc,
      metal.thermal,
      chipMm,
      edge.hotLimitC - HEAT_MARGIN_K - AMBIENT_C,
      wet,
    );
  const speed = governingLimit<SpeedLimit>(
    [
      { name: 'range', value: range.highMPerMin * Math.max(1, chain.speedFactor) },
      { name: 'machine-top', value: surfaceSpeed(wish.rpmMax, diameterMm) },
      { name: 'heat', value: speedHeatMPerMin },
    ],
    [{ name: 'machine-bottom', value: surfaceSpeed(wish.rpmMin, diameterMm) }],
    speedWantedMPerMin,
  );
  const cut = { feedMmRev: feed.start, approachDeg: wish.approachDeg, diameterMm, speedMPerMin: speed.start };
  const byPower = depthByPower(constants, worn, 'turn-outside', cut, wish);
  const pushAt = (depthMm: number) =>
    turningForce(constants, worn, 'turn-outside', {
      ...cut,
      approachDeg: Math.min(90, wish.approachDeg),
      depthMm,
      noseRadiusMm: wish.noseRadiusMm,
    });
  const within = (depthMm: number) =>
    workDeflection(
      wish.support,
      metal.eGPa,
      diameterMm,
      0,
      wish.lengthMm,
      wish.positionMm,
      pushAt(depthMm).fpN,
    ).diameterErrorMm <= wish.diameterErrorAllowedMm;
  const depthDeflectionMm = deepestWithin(within);
  const { depthFloorMm } = turningFeedLimits({
    ...wish,
    depthMm: wish.depthWantedMm,
    edgeRadiusUm: edge.edgeRadiusUm,
    minChipRatio: edge.minChipRatio,
  });
  const depth = governingLimit<DepthLimit>(
    [
      { name: 'power', value: byPower.powerMm },
      { name: 'torque', value: byPower.torqueMm },
      { name: 'work-deflection', value: depthDeflectionMm },
      { name: 'edge-length', value: (2 / 3) * wish.edgeLengthMm * Math.sin(wish.approachDeg * DEG) },
    ],
    [{ name: 'depth-floor', value: depthFloorMm }],
    wish.depthWantedMm * chain.depthFactor,
  );
  return {
    speedWantedMPerMin,
    speed,
    speedHeatMPerMin,
    rpm: spindleSpeed(speed.start, diameterMm),
    belowUseful: speed.start < range.leastUsefulMPerMin,
    feed,
    feedGoverning,
    depth,
    depthPowerMm: byPower.powerMm,
    depthTorqueMm: byPower.torqueMm,
    depthDeflectionMm,
    powerKw: turningForce(constants, worn, 'turn-outside', {
      ...cut,
      depthMm: depth.start,
      noseRadiusMm: wish.noseRadiusMm,
    }).powerKw,
    governing:
      depth.governing !== 'wanted'
        ? depth.governing
        : speed.governing !== 'wanted'
          ? speed.governing
          : feedGoverning,
  };
}

/** The feed: as fine as the finish wants, as coarse as nose and machine take, never under what the edge can cut. */
function feedOf(wish: TurningWish, chainFeed: number, speedMPerMin: number, wet: boolean) {
  const { edge, metal, noseRadiusMm } = wish;
  const limits = turningFeedLimits({
    ...wish,
    depthMm: wish.depthWantedMm,
    edgeRadiusUm: edge.edgeRadiusUm,
    minChipRatio: edge.minChipRatio,
  });
  const { raWantedUm } = wish;
  const finishing = raWantedUm !== null;
  const uppers = [
    {
      name: 'finish' as const,
      value: raWantedUm === null ? null : finishFeed(wish, raWantedUm, speedMPerMin, wet),
    },
    { name: 'nose-radius' as const, value: limits.feedNoseMmRev },
    {
      name: 'machine-feed' as const,
      value: limits.upperLimit === 'machine-feed' ? limits.feedUpperMmRev : machineFeed(wish),
    },
  ];
  const known = uppers.flatMap(({ name, value }) => (value === null ? [] : [{ name, value }]));
  const least = known.reduce((best, one) => (one.value < best.value ? one : best));
  const feedFactor = finishing
    ? factorChain(
        metal,
        edge,
        wish.factors.filter((name) => name !== 'light-finishing'),
      ).feedFactor
    : chainFeed;
  const lower =
    (2 * limits.hMinMm * engagedEdge(wish.depthWantedMm, noseRadiusMm, wish.approachDeg))
    / wish.depthWantedMm;
  const feed = governingLimit<FeedLimit>(
    uppers,
    [{ name: 'edge-radius', value: lower }],
    (finishing ? FINISHING_SHARE : ROUGHING_SHARE) * least.value * feedFactor,
  );
  return { feed, feedGoverning: feed.governing === 'wanted' ? least.name : feed.governing };
}

/** The machine's own limit, also where the nose decides first. */
const machineFeed = (wish: TurningWish): number =>
  turningFeedLimits({ ...wish, noseRadiusMm: 100, depthMm: 1, edgeRadiusUm: 1, minChipRatio: 0.3 })
    .feedUpperMmRev;

function finishFeed(
  { metal, edge, noseRadiusMm, rakeDeg, condition }: TurningWish,
  raUm: number,
  speedMPerMin: number,
  wet: boolean,
): number {
  const factor =
    builtUpEdgeFactor(metal.builtUpEdge, speedMPerMin, wet, rakeDeg) * machineFinishFactor(condition);
  const { feedMmRev } = feedForRoughness(raUm, noseRadiusMm, edge.edgeRadiusUm, factor);
  return feedMmRev ?? Math.sqrt((2 * noseRadiusMm * FINISH_CHIP_RATIO * edge.edgeRadiusUm) / 1000);
}

/** Largest depth up to 20 mm that keeps within; null when 20 mm does. */
const deepestWithin = (within: (depthMm: number) => boolean): number | null =>
  within(DEEPEST_MM) ? null : lastWhere(within, 0, DEEPEST_MM);
