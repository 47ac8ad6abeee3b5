import type { BitBody } from '@pike-stone/contract';
import { bitPlanFor, usualNoseDown, type BitPlan, type BitShape, type Hand } from '@pike-stone/core/grind';

/** The geometry of a bit, out of its record. */
export const planOf = ({
  shape,
  hand,
  blank,
  angles,
  noseRadiusMm,
  sizes,
  noseDownMm,
  trailingDeg,
  heel,
  groove,
  wheel,
}: BitBody): BitPlan => ({
  shape,
  hand,
  blank,
  angles,
  noseRadiusMm,
  sizes,
  noseDownMm,
  trailingDeg,
  heel,
  groove,
  wheel,
});

/** The bit with another beginning: its shape, hand, metal or school was changed, so its angles begin anew. */
export function begunAnew(body: BitBody, change: Partial<BitBody>): BitBody {
  const next = { ...body, ...change };
  const { shape, hand, blank, wheel, school, metalKey } = next;
  const plan = bitPlanFor({ shape, hand, blank, wheel, school, materialKey: metalKey });
  return { ...next, ...plan };
}

/**
 * The bit on another blank. Its nose lies as deep as it usually does where the section is another one, or
 * is round: there it must lie in the steel.
 */
export function onBlank(body: BitBody, blank: BitBody['blank']): Pick<BitBody, 'blank' | 'noseDownMm'> {
  const keeps = blank.section === 'square' && body.blank.section === 'square';
  return { blank, noseDownMm: keeps ? body.noseDownMm : usualNoseDown(planOf({ ...body, blank })) };
}

export interface NewBit {
  readonly shape: BitShape;
  readonly hand?: Hand | undefined;
  readonly metalKey?: string | null | undefined;
  readonly use?: BitBody['use'] | undefined;
  readonly name: string;
}

/** A bit to plan: HSS 10 mm square, on a 150 mm wheel. */
export function freshBit({ shape, hand = 'right', metalKey = null, use = null, name }: NewBit): BitBody {
  const school = 'general';
  const blank = { section: 'square', lengthMm: 63, widthMm: 10, heightMm: 10 } as const;
  const wheel = { diameterMm: 150, contactMm: 0, hollow: true };
  return {
    name,
    ...bitPlanFor({ shape, hand, blank, wheel, school, materialKey: metalKey }),
    material: 'hss',
    blankId: null,
    school,
    heat: 'air',
    metalKey,
    use,
    gripMm: 30,
    overhangMm: 12,
    state: 'planned',
    toolId: null,
    note: '',
  };
}

/** Length of the bit that is drawn: what is ground and as much of the shank again, mm. */
export function drawnLength({ blank, sizes, shape }: BitPlan): number {
  const ground = shape === 'parting' ? sizes.bladeMm : Math.max(sizes.edgeMm, sizes.radiusMm) * 1.4;
  return Math.min(blank.lengthMm, Math.max(2 * blank.widthMm, ground + 0.9 * blank.widthMm));
}

/** The front of the bit alone, which is all that is drawn and read. */
export const frontOf = (plan: BitPlan): BitPlan => ({
  ...plan,
  blank: { ...plan.blank, lengthMm: drawnLength(plan) },
});
