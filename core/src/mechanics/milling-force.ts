import { clamp } from '../quantity/clamp';
import { highestOfConcave } from '../quantity/highest-of-concave';
import { positive, within } from '../quantity/out-of-range';
import { specificForce, type ForceConstants, type ForceEdge, type SpecificForce } from './specific-force';
import { surfaceSpeed } from './spindle-speed';
import { DEG } from '../quantity/angle';

export interface MillingCut {
  readonly diameterMm: number;
  /** Radial width, at most the diameter, mm. */
  readonly aeMm: number;
  /** Axial depth, mm. */
  readonly apMm: number;
  readonly teeth: number;
  readonly fzMm: number;
  readonly rpm: number;
  readonly approachDeg: number;
  /** The cut lies at the rim of the cutter, or in its middle. */
  readonly position: 'side' | 'centred';
}

export interface MillingPower extends SpecificForce {
  readonly speedMPerMin: number;
  readonly engagementDeg: number;
  readonly teethInCut: number;
  readonly meanChipMm: number;
  readonly feedMmMin: number;
  readonly removalCm3Min: number;
  readonly powerKw: number;
}

export interface MillingForce extends MillingPower {
  /** Highest tangential force as the teeth come and go, N; straight teeth, an upper bound for helical ones. */
  readonly peakN: number;
  readonly peakPowerKw: number;
  readonly peakTorqueNm: number;
}

/** Where the teeth enter and leave, rad. */
function arc({ diameterMm, aeMm, position }: MillingCut): readonly [from: number, to: number] {
  if (position === 'side') return [0, Math.acos(1 - (2 * aeMm) / diameterMm)];
  const half = Math.asin(aeMm / diameterMm);
  return [Math.PI / 2 - half, Math.PI / 2 + half];
}

/**
 * Mean power of milling, ap ae vf kc / 60e6 at the mean chip.
 *
 * @throws RangeError when the width is above the diameter
 */
export function millingPower(metal: ForceConstants, edge: ForceEdge, cut: MillingCut): MillingPower {
  const { diameterMm, aeMm, apMm, teeth, fzMm, rpm } = cut;
  within(
    'width of cut',
    positive('width of cut', aeMm),
    0,
    positive('cutter diameter', diameterMm) * (1 + 1e-9),
  );
  const [from, to] = arc(cut);
  const kappa = cut.approachDeg * DEG;
  const meanChipMm = (fzMm * Math.sin(kappa) * (Math.cos(from) - Math.cos(to))) / (to - from);
  const speedMPerMin = surfaceSpeed(rpm, diameterMm);
  const force = specificForce(metal, edge, meanChipMm, speedMPerMin, 'mill');
  const feedMmMin = fzMm * teeth * rpm;
  return {
    kc: force.kc,
    kRake: force.kRake,
    kSpeed: force.kSpeed,
    kWear: force.kWear,
    kOperation: force.kOperation,
    extrapolated: force.extrapolated,
    speedMPerMin,
    meanChipMm,
    feedMmMin,
    engagementDeg: (to - from) / DEG,
    teethInCut: (teeth * (to - from)) / (2 * Math.PI),
    removalCm3Min: (apMm * aeMm * feedMmMin) / 1000,
    powerKw: (apMm * aeMm * feedMmMin * force.kc) / 60e6,
  };
}

/**
 * Mean power and peak force: the sum over the teeth in the arc of
 * kc1.1 K b h(phi)^(1 - mc), highest over one tooth pitch, the ends of the arc
 * tried as well.
 */
export function millingForce(metal: ForceConstants, edge: ForceEdge, cut: MillingCut): MillingForce {
  const mean = millingPower(metal, edge, cut);
  const peakN = peak(metal, mean, cut, ...arc(cut), cut.approachDeg * DEG);
  return {
    kc: mean.kc,
    kRake: mean.kRake,
    kSpeed: mean.kSpeed,
    kWear: mean.kWear,
    kOperation: mean.kOperation,
    extrapolated: mean.extrapolated,
    speedMPerMin: mean.speedMPerMin,
    meanChipMm: mean.meanChipMm,
    feedMmMin: mean.feedMmMin,
    engagementDeg: mean.engagementDeg,
    teethInCut: mean.teethInCut,
    removalCm3Min: mean.removalCm3Min,
    powerKw: mean.powerKw,
    peakN,
    peakPowerKw: (peakN * mean.speedMPerMin) / 60_000,
    peakTorqueNm: (peakN * cut.diameterMm) / 2000,
  };
}

function peak(
  metal: ForceConstants,
  force: SpecificForce,
  { apMm, teeth, fzMm }: MillingCut,
  from: number,
  to: number,
  kappa: number,
): number {
  const exponent = 1 - metal.mc;
  const perTooth =
    metal.kc11 * force.kRake * force.kSpeed * force.kWear * force.kOperation * (apMm / Math.sin(kappa));
  const thickest = (fzMm * Math.sin(kappa)) ** exponent;
  const pitch = (2 * Math.PI) / teeth;
  // One tooth at a time: highest where it comes nearest to the thickest chip.
  if (to - from <= pitch) return perTooth * thickest * Math.sin(clamp(Math.PI / 2, from, to)) ** exponent;
  /** Sum over the teeth in the arc when one stands at an angle. */
  const at = (first: number): number => {
    let sum = 0;
    // The tooth nearest behind the entry, and every one before it.
    for (let phi = first - Math.floor((first - from) / pitch) * pitch; phi <= to + 1e-12; phi += pitch)
      sum += Math.max(0, Math.sin(phi)) ** exponent;
    return sum;
  };
  // Between two teeth coming in or going out the sum is concave: its highest is searched in each of the two parts.
  const leaves = to - Math.floor((to - from) / pitch) * pitch;
  const most = Math.max(
    at(from),
    at(to),
    highestOfConcave(at, from, leaves),
    highestOfConcave(at, leaves + 1e-9, from + pitch - 1e-9),
  );
  return perTooth * thickest * most;
}

/** The axial depth that takes all the power of the spindle, mm. */
export const depthByMillingPower = (
  { powerKw }: { readonly powerKw: number },
  { kc, feedMmMin }: MillingForce,
  aeMm: number,
): number => (powerKw * 60e6) / (aeMm * feedMmMin * kc);
