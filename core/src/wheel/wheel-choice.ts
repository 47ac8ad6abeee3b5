import { abrasiveFor, type GroundMaterial } from './abrasive';
import type { Abrasive } from './wheel-names';

/** A wheel of the shop that a tool may be ground on. */
export interface OfferedWheel {
  readonly abrasive: Abrasive | null;
  readonly grit: number | null;
  /** It is on a grinder; else it has to be mounted first. */
  readonly mounted: boolean;
}

/** Grit of a wheel that does not say it: neither rough nor fine. */
const MIDDLE_GRIT = 60;

/** Whether the first of two wheels serves better: mounted first, then by its grit, then by its abrasive. */
function better(one: OfferedWheel, other: OfferedWheel, material: GroundMaterial, stage: 'rough' | 'finish') {
  if (one.mounted !== other.mounted) return one.mounted;
  const finer = (one.grit ?? MIDDLE_GRIT) - (other.grit ?? MIDDLE_GRIT);
  if (finer !== 0) return stage === 'finish' ? finer > 0 : finer < 0;
  return (
    one.abrasive !== null
    && abrasiveFor(material, one.abrasive) === 'suitable'
    && (other.abrasive === null || abrasiveFor(material, other.abrasive) !== 'suitable')
  );
}

/**
 * The wheel of a shop to rough or to finish a material on: of those that may touch it a mounted one, and
 * of these the coarsest to rough on, the finest to finish on.
 *
 * @returns null when none may touch it
 * @example wheelChoice([grey60, white100], 'hss', 'rough') // grey60
 */
export function wheelChoice<Wheel extends OfferedWheel>(
  wheels: readonly Wheel[],
  material: GroundMaterial,
  stage: 'rough' | 'finish',
): Wheel | null {
  const allowed = wheels.filter(
    ({ abrasive }) => abrasive !== null && ['suitable', 'possible'].includes(abrasiveFor(material, abrasive)),
  );
  return allowed.reduce<Wheel | null>(
    (best, one) => (best === null || better(one, best, material, stage) ? one : best),
    null,
  );
}
