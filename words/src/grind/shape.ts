import type { BitPlan, BitShape } from '@pike-stone/core/grind';
import { formatLength, joined, type UnitSystem } from '../format';

/** What each shape is called and what it is for. */
export const SHAPE_WORDS: Readonly<Record<BitShape, { readonly name: string; readonly about: string }>> = {
  general: {
    name: 'Turn and face',
    about: 'the one shape for nearly everything; regrinding only shortens it',
  },
  'round-nose': { name: 'Round nose', about: 'roughing and fillets, cuts either way' },
  knife: { name: 'Knife', about: 'square shoulders, light cuts up to them' },
  facing: { name: 'Facing', about: 'across the end, to the centre' },
  parting: { name: 'Parting', about: 'parting off and grooves' },
  boring: { name: 'Boring', about: 'inside, relieved twice so that the heel clears' },
  'thread-60': { name: 'Threading 60°', about: 'metric and unified threads' },
  'thread-55': { name: 'Threading 55°', about: 'Whitworth and pipe threads' },
  'chamfer-90': { name: 'Chamfer', about: 'chamfers from both sides, outside and inside a bore' },
  'radius-convex': { name: 'Round groove', about: 'cuts a half-round groove' },
  'radius-concave': { name: 'Corner rounding', about: 'rounds an outside corner' },
  'fly-cutter': { name: 'Fly-cutter tip', about: 'one tooth in a turning body' },
  brass: { name: 'Brass', about: 'no rake: it does not grab' },
  shear: { name: 'Shear finisher', about: 'slices a fine finish, a few hundredths at a time' },
};

/** The bit in one breath: "Facing bit, left hand". */
export const bitTitle = (shape: BitShape, hand: 'right' | 'left'): string =>
  `${SHAPE_WORDS[shape].name} bit, ${hand} hand`;

/** Section of a blank: "10 mm square", "3 × 12 mm", "8 mm round". */
export function sayBlank({ section, widthMm, heightMm }: BitPlan['blank'], units: UnitSystem): string {
  const width = formatLength(widthMm, units);
  if (section === 'round') return `${joined(width)} round`;
  return widthMm === heightMm
    ? `${joined(width)} square`
    : `${width.figure} × ${joined(formatLength(heightMm, units))}`;
}

/** A wheel that is smaller than what it is held on. */
export const SMALL_WHEEL =
  'That is smaller than the arbor and flanges of a bench grinder: measure over the rim.';
