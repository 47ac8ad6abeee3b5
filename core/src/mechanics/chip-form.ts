import { clamp } from '../quantity/clamp';
import { positive } from '../quantity/out-of-range';
import { engagedEdge } from './turning-feed';
import { chipFlowDeg } from './turning-force';

export type ChipClass =
  'ribbon' | 'tangle' | 'flat-spiral' | 'long-helix' | 'short-helix' | 'arc-pieces' | 'loose-bits' | 'dust';

/** What is ground or pressed into the rake face to curl the chip. */
export type ChipBreaker =
  | { readonly kind: 'none' }
  | { readonly kind: 'step'; readonly distanceMm: number; readonly heightMm: number }
  | { readonly kind: 'groove'; readonly widthMm: number; readonly depthMm: number; readonly landMm: number };

export interface ChipCut {
  readonly depthMm: number;
  readonly feedMmRev: number;
  readonly noseRadiusMm: number;
  readonly approachDeg: number;
  readonly rakeDeg: number;
  /** Chip thickness over uncut thickness of this metal at 6° rake, dry. */
  readonly chipRatio: number;
  readonly breakStrain: number;
  readonly fluid: boolean;
}

export interface ChipForm {
  readonly edgeMm: number;
  readonly meanChipMm: number;
  readonly ratio: number;
  readonly thicknessMm: number;
  readonly contactMm: number;
  readonly naturalCurlMm: number;
  /** Null when no breaker acts. */
  readonly forcedCurlMm: number | null;
  readonly curlMm: number;
  /** The chip jams against the step: move it back. */
  readonly crowded: boolean;
  readonly strain: number;
  /** Strain over what the metal stands: it breaks at 1. */
  readonly breakIndex: number;
  readonly flowDeg: number;
  readonly chip: ChipClass;
  /** What it may be within the spread of the model, the gentlest first: how sure it is. */
  readonly possible: readonly ChipClass[];
  readonly breaks: boolean;
}

const BRITTLE = 0.006;
const CONTACT = 1.5;
/** Opened against work or tool to this many times its curl before it breaks. */
const OPENED = 2.5;
const SPREAD = [0.7, 1, 1.4] as const;

interface Seen {
  readonly breakStrain: number;
  readonly meanChipMm: number;
  readonly thicknessMm: number;
  readonly flowDeg: number;
}

function classOf({ breakStrain, meanChipMm, thicknessMm, flowDeg }: Seen, index: number): ChipClass {
  if (breakStrain <= BRITTLE) return meanChipMm < 0.06 ? 'dust' : 'loose-bits';
  const sideways = flowDeg >= 15;
  if (index < 0.35) return thicknessMm < 0.25 || breakStrain >= 0.1 ? 'tangle' : 'ribbon';
  if (index < 0.7) return sideways ? 'long-helix' : 'flat-spiral';
  if (index < 1) return sideways ? 'short-helix' : 'flat-spiral';
  return index < 2 ? 'arc-pieces' : 'loose-bits';
}

/** Curl that the breaker forces, or null when the chip does not reach it. */
function forced(
  breaker: ChipBreaker,
  contactMm: number,
  thicknessMm: number,
): { readonly curl: number | null; readonly crowded: boolean } {
  if (breaker.kind === 'step') {
    const reach = breaker.distanceMm - contactMm;
    return reach > 0
      ? { curl: (reach ** 2 + breaker.heightMm ** 2) / (2 * breaker.heightMm), crowded: false }
      : { curl: CONTACT * thicknessMm, crowded: true };
  }
  if (breaker.kind === 'groove' && contactMm > breaker.landMm)
    return {
      curl: (breaker.widthMm ** 2 / 4 + breaker.depthMm ** 2) / (2 * breaker.depthMm),
      crowded: false,
    };
  return { curl: null, crowded: false };
}

/**
 * The chip to expect: how thick it comes off, how tightly it curls, and whether the
 * curl strains it to breaking.
 *
 * Chip ratio L = lambda (1 - 0.012 (rake - 6)), 0.95 with fluid; thickness t = L h_m;
 * contact 1.5 t; strain 0.5 t/R (1 - 1/2.5). Source: Nakayama (1962) for the strain;
 * natural curl ours, good to about 30 %.
 */
export function chipForm(cut: ChipCut, breaker: ChipBreaker): ChipForm {
  const { depthMm, feedMmRev, rakeDeg, fluid, breakStrain } = cut;
  const edgeMm = engagedEdge(positive('depth', depthMm), cut.noseRadiusMm, cut.approachDeg);
  const meanChipMm = (depthMm * positive('feed', feedMmRev)) / edgeMm;
  const ratio = Math.max(1.1, cut.chipRatio * (1 - 0.012 * (rakeDeg - 6)) * (fluid ? 0.95 : 1));
  const thicknessMm = ratio * meanChipMm;
  const contactMm = CONTACT * thicknessMm;
  const flowDeg = chipFlowDeg(depthMm, feedMmRev, cut.noseRadiusMm, cut.approachDeg);
  const naturalCurlMm =
    thicknessMm * clamp((12 + 0.5 * rakeDeg) * Math.sqrt(0.3 / thicknessMm), 5, 40) * (fluid ? 0.8 : 1);
  const { curl, crowded } = forced(breaker, contactMm, thicknessMm);
  const curlMm = Math.max(CONTACT * thicknessMm, Math.min(naturalCurlMm, curl ?? Infinity));
  const strain = ((0.5 * thicknessMm) / curlMm) * (1 - 1 / OPENED);
  const breakIndex = strain / breakStrain;
  const seen = { breakStrain, meanChipMm, thicknessMm, flowDeg };
  return {
    edgeMm,
    meanChipMm,
    ratio,
    thicknessMm,
    contactMm,
    naturalCurlMm,
    forcedCurlMm: curl,
    curlMm,
    crowded,
    strain,
    breakIndex,
    flowDeg,
    chip: classOf(seen, breakIndex),
    possible: [...new Set(SPREAD.map((share) => classOf(seen, breakIndex * share)))],
    breaks: breakIndex >= 1,
  };
}
