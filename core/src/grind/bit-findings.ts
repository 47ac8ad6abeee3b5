import { weakSection } from '../bit/weak-section';
import { inBlank } from '../solid/blank';
import { stopsGrinding, type BitFinding, type BitUse } from './bit-finding';
import type { BitPlan, BitShape } from './bit-plan';
import { boreFinding } from './bore-finding';
import { LEAST_CLEARANCE_DEG, LEAST_SECTION_SHARE, WEDGE_DEG } from './grind-limits';
import type { StepKey } from './grind-step';
import type { BitRead } from './read-bit';
import { SHAPES } from './shape/registry';
import { edgeInBlank, sizeFindings } from './size-findings';

/** Bending that hardened high speed steel stands, a third of what breaks it, N/mm². */
const ALLOWED_MPA = 900 / 3;
/** A hollow deeper than this leaves the edge thin, mm. */
const DEEP_HOLLOW_MM = 0.6;

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
    ...(edge && read.volumeMm3 > 0 && inBlank(plan.blank, SHAPES[plan.shape].nose(plan))
      ? []
      : [{ code: 'no-metal' } as const]),
    ...sizeFindings(plan, use),
    ...edgeInBlank(plan),
    ...wedges(read),
    ...gone(read),
    ...clearances(plan, read),
    ...(use ? boreFinding(plan, use) : []),
    ...strength(read, forceN).filter(({ code }) => code !== 'weak-section' || !SLENDER.includes(plan.shape)),
    ...(hollow > DEEP_HOLLOW_MM ? [{ code: 'hollow-deep', sagittaMm: hollow } as const] : []),
  ];
  return [...found].sort((a, b) => Number(stopsGrinding(b)) - Number(stopsGrinding(a)));
}
