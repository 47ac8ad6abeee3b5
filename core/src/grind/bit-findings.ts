import { boreClearance, secondClearance, type BoreSection } from '../bit/bore-clearance';
import { grooveRadius } from '../bit/chip-groove';
import { weakSection } from '../bit/weak-section';
import type { BitPlan, BitShape } from './bit-plan';
import { BORE_GAP_MM, LEAST_CLEARANCE_DEG, LEAST_SECTION_SHARE, WEDGE_DEG } from './grind-limits';
import type { StepKey } from './grind-step';
import type { BitRead } from './read-bit';
import { heelAlongShank, heelToGrind } from './heel-in-bore';
import { SHAPES } from './shape/registry';

/** The cut that a bit is ground for, as far as it is known. */
export interface BitUse {
  readonly side: 'outside' | 'bore';
  /** Of the work or the bore. */
  readonly diameterMm: number;
  readonly depthMm: number;
  readonly feedMm: number;
  /** Nose above the axis, positive. */
  readonly heightErrorMm: number;
}

/** What is wrong with a bit before it is ground, each with what it is about. */
export type BitFinding =
  | { readonly code: 'no-metal' }
  | { readonly code: 'face-gone'; readonly step: StepKey }
  | {
      readonly code: 'weak-section';
      readonly share: number;
      readonly widthMm: number;
      readonly heightMm: number;
      readonly behindMm: number;
    }
  | { readonly code: 'breaks'; readonly stressMPa: number; readonly allowedMPa: number }
  | { readonly code: 'weak-wedge'; readonly deg: number; readonly leastDeg: number }
  | { readonly code: 'no-wedge'; readonly deg: number }
  | {
      readonly code: 'little-clearance';
      readonly step: StepKey;
      readonly deg: number;
      readonly leastDeg: number;
    }
  | {
      readonly code: 'rubs-in-bore';
      readonly boreMm: number;
      readonly gapMm: number;
      readonly secondDeg: number | null;
    }
  | { readonly code: 'bore-too-small'; readonly boreMm: number; readonly bitMm: number }
  | { readonly code: 'wasted-stock'; readonly downMm: number }
  | { readonly code: 'nose-too-large'; readonly noseMm: number; readonly mostMm: number }
  | { readonly code: 'groove-too-wide'; readonly widthMm: number; readonly mostMm: number }
  | { readonly code: 'edge-too-short'; readonly edgeMm: number; readonly depthMm: number }
  | { readonly code: 'blade-too-short'; readonly bladeMm: number; readonly neededMm: number }
  | { readonly code: 'blank-too-narrow'; readonly neededMm: number; readonly widthMm: number }
  | { readonly code: 'hollow-deep'; readonly sagittaMm: number };

/** Findings with which a bit is not worth grinding. */
const STOPS: readonly BitFinding['code'][] = [
  'no-metal',
  'no-wedge',
  'nose-too-large',
  'groove-too-wide',
  'blank-too-narrow',
  'bore-too-small',
];
export const stopsGrinding = ({ code }: BitFinding): boolean => STOPS.includes(code);

/** Bending that hardened high speed steel stands, a third of what breaks it, N/mm². */
const ALLOWED_MPA = 900 / 3;
/** A nose that lies farther below the top than this share of the blank wastes steel. */
const MOST_DOWN_SHARE = 0.25;
/** A hollow deeper than this leaves the edge thin, mm. */
const DEEP_HOLLOW_MM = 0.6;

/** The bit in the section square to the bore, as it is planned. */
export function boreSection(plan: BitPlan, heightErrorMm: number): BoreSection {
  return {
    primaryDeg: plan.angles.frontClearanceDeg,
    heelMm: plan.blank.heightMm - plan.noseDownMm,
    heightErrorMm,
    landMm: plan.heel?.landMm,
    secondaryDeg: plan.heel ? heelAlongShank(plan, plan.heel.clearanceDeg) : undefined,
  };
}

function inBore(plan: BitPlan, { side, diameterMm, heightErrorMm }: BitUse): readonly BitFinding[] {
  if (side !== 'bore') return [];
  const section = boreSection(plan, heightErrorMm);
  if (section.heelMm >= diameterMm / 2 + heightErrorMm)
    return [{ code: 'bore-too-small', boreMm: diameterMm, bitMm: section.heelMm }];
  const { gapMm } = boreClearance(section, diameterMm);
  if (gapMm >= BORE_GAP_MM / 2) return [];
  const landMm = plan.heel?.landMm ?? 1;
  const secondDeg =
    landMm < section.heelMm
      ? heelToGrind(plan, secondClearance(section, landMm, diameterMm, BORE_GAP_MM))
      : null;
  return [{ code: 'rubs-in-bore', boreMm: diameterMm, gapMm, secondDeg }];
}

/** Width of a blade or tongue that its blank must be wider than. */
const neededWidth = ({ shape, sizes }: BitPlan): number | null => {
  const widths: Partial<Record<BitShape, number>> = {
    parting: sizes.widthMm + 1,
    'radius-convex': 2 * sizes.radiusMm,
    'round-nose': 2 * sizes.radiusMm,
    'radius-concave': sizes.radiusMm + 1,
  };
  return widths[shape] ?? null;
};

function sizesOf(plan: BitPlan, use: BitUse | null): readonly BitFinding[] {
  const { sizes, blank, groove, noseRadiusMm } = plan;
  const facts = SHAPES[plan.shape];
  const needed = neededWidth(plan);
  const edge = facts.sizes.includes('edgeMm') ? sizes.edgeMm : null;
  const mostNose = edge === null ? Infinity : Math.min(edge, blank.widthMm) / 2;
  const bladeNeeded = use && facts.sizes.includes('bladeMm') ? use.diameterMm / 2 + 1 : null;
  return [
    ...(needed !== null && needed > blank.widthMm
      ? [{ code: 'blank-too-narrow', neededMm: needed, widthMm: blank.widthMm } as const]
      : []),
    ...(facts.hasNose && noseRadiusMm > mostNose
      ? [{ code: 'nose-too-large', noseMm: noseRadiusMm, mostMm: mostNose } as const]
      : []),
    ...(groove && groove.landMm + groove.widthMm > blank.widthMm * 0.7
      ? [
          {
            code: 'groove-too-wide',
            widthMm: groove.widthMm,
            mostMm: blank.widthMm * 0.7 - groove.landMm,
          } as const,
        ]
      : []),
    ...(use && edge !== null && facts.hasNose && use.depthMm > edge
      ? [{ code: 'edge-too-short', edgeMm: edge, depthMm: use.depthMm } as const]
      : []),
    ...(bladeNeeded !== null && bladeNeeded > sizes.bladeMm
      ? [{ code: 'blade-too-short', bladeMm: sizes.bladeMm, neededMm: bladeNeeded } as const]
      : []),
    ...(plan.noseDownMm > blank.heightMm * MOST_DOWN_SHARE
      ? [{ code: 'wasted-stock', downMm: plan.noseDownMm } as const]
      : []),
  ];
}

function wedges(read: BitRead): readonly BitFinding[] {
  const found = [read.wedgeDeg, read.wedge2Deg].filter((deg) => deg !== null);
  if (found.length === 0) return [];
  const [least, most] = [Math.min(...found), Math.max(...found)];
  return [
    ...(least < WEDGE_DEG[0] ? [{ code: 'weak-wedge', deg: least, leastDeg: WEDGE_DEG[0] } as const] : []),
    ...(most > WEDGE_DEG[1] ? [{ code: 'no-wedge', deg: most } as const] : []),
  ];
}

/** Sides of a blade are relieved by a degree or two only: the metal does not spring back far there. */
const leastClearance = (plan: BitPlan, key: StepKey): number => {
  if (plan.shape === 'parting' && key !== 'front') return 0.5;
  if (plan.trailingDeg !== null && key === 'right') return -90;
  return LEAST_CLEARANCE_DEG;
};

const clearances = (plan: BitPlan, read: BitRead): readonly BitFinding[] =>
  read.steps.flatMap(({ key, face, readings }) => {
    const [first] = readings;
    const leastDeg = leastClearance(plan, key);
    return face && key !== 'rake' && first && first.deg < leastDeg
      ? [{ code: 'little-clearance', step: key, deg: first.deg, leastDeg } as const]
      : [];
  });

/** Faces that later grinds took away again; a small point flat may be all taken by hollow flanks. */
const gone = (read: BitRead): readonly BitFinding[] =>
  read.steps.flatMap(({ key, face, removedMm3 }) =>
    face === null && removedMm3 > 0.5 ? [{ code: 'face-gone', step: key } as const] : [],
  );

function strength(read: BitRead, forceN: number | null): readonly BitFinding[] {
  const { least, blank } = read;
  const share = least.areaMm2 / blank.areaMm2;
  if (least.areaMm2 <= 0 || least.heightMm <= 0) return [];
  const behindMm = -least.atMm;
  // The width that a rectangle of the same area and height has.
  const stress =
    forceN === null
      ? 0
      : weakSection(forceN, Math.max(behindMm, 1), least.areaMm2 / least.heightMm, least.heightMm, 215)
          .stressMPa;
  return [
    ...(share < LEAST_SECTION_SHARE
      ? [{ code: 'weak-section', share, widthMm: least.widthMm, heightMm: least.heightMm, behindMm } as const]
      : []),
    ...(stress > ALLOWED_MPA
      ? [{ code: 'breaks', stressMPa: stress, allowedMPa: ALLOWED_MPA } as const]
      : []),
  ];
}

/** Form bits are slender by their shape: only their strength under a force counts, not their share. */
const SLENDER: readonly BitShape[] = [
  'parting',
  'thread-60',
  'thread-55',
  'chamfer-90',
  'radius-convex',
  'round-nose',
  'boring',
];

/**
 * What is wrong with a bit as it is planned and read from its solid, worst first.
 *
 * @param use     the cut it is for; null when it is not known
 * @param forceN  cutting force of that cut; null when it is not known
 */
export function bitFindings(
  plan: BitPlan,
  read: BitRead,
  use: BitUse | null,
  forceN: number | null,
): readonly BitFinding[] {
  const hollow = Math.max(
    0,
    ...read.steps.map(({ face, readings }) => (readings.length > 0 ? (face?.hollow?.sagittaMm ?? 0) : 0)),
  );
  const edge = read.steps.some(({ key, face }) => face !== null && key !== 'rake');
  const found: readonly BitFinding[] = [
    ...(edge && read.volumeMm3 > 0 ? [] : [{ code: 'no-metal' } as const]),
    ...sizesOf(plan, use),
    ...wedges(read),
    ...gone(read),
    ...clearances(plan, read),
    ...(use ? inBore(plan, use) : []),
    ...strength(read, forceN).filter(({ code }) => code !== 'weak-section' || !SLENDER.includes(plan.shape)),
    ...(hollow > DEEP_HOLLOW_MM ? [{ code: 'hollow-deep', sagittaMm: hollow } as const] : []),
  ];
  return [...found].sort((a, b) => Number(stopsGrinding(b)) - Number(stopsGrinding(a)));
}

/** A usual groove for a feed: its land about the feed, a fifth of a millimetre deep. */
export const usualGroove = (feedMm: number) => ({
  landMm: Math.min(0.5, Math.max(0.1, Math.round(feedMm * 20) / 20)),
  widthMm: 2,
  radiusMm: grooveRadius(2, 0.2),
});
