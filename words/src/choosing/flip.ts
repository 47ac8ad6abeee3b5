import type { ChoiceFactor, ChoiceInputs, Flips, JobChoice } from '@pike-stone/core/choose';
import { formatSpindleSpeed, formatSurfaceSpeed, joined, type UnitSystem } from '../format';
import type { ChoiceContext } from './factor';

/** What would turn the verdict round, in words. */
export interface FlipLine {
  readonly factor: ChoiceFactor;
  readonly text: string;
}

type Towards = 'carbide' | 'high speed steel';

/** Facts of the job: nothing that is changed at the machine. */
const IF: Readonly<Partial<Record<ChoiceFactor, Readonly<Record<Towards, string>>>>> = {
  interruption: { carbide: 'the cut were whole', 'high speed steel': 'the cut were interrupted' },
  form: { carbide: 'it were no special form', 'high speed steel': 'it were a special form' },
  gummy: {
    carbide: 'the edge were polished and bare, or the metal did not stick',
    'high speed steel': 'the metal were sticky as soft aluminium',
  },
  abrasive: { carbide: 'the metal were abrasive', 'high speed steel': 'nothing in it were abrasive' },
  'hot-alloy': {
    carbide: 'the metal stayed strong when hot',
    'high speed steel': 'the metal softened in the heat',
  },
};
const AT_THE_MACHINE: Readonly<Partial<Record<ChoiceFactor, Readonly<Record<Towards, string>>>>> = {
  power: { carbide: 'More power at the spindle', 'high speed steel': 'Less power than the cut asks for' },
  stiffness: {
    carbide: 'A stiffer machine, or work and tool that stick out less',
    'high speed steel': 'A slack machine, or a long overhang',
  },
  batch: { carbide: 'More parts', 'high speed steel': 'A single part' },
  cost: {
    carbide: 'Cheaper edges, or dearer grinding',
    'high speed steel': 'Dearer edges, or cheaper grinding',
  },
  finish: {
    carbide: 'A finer finish at carbide’s speed',
    'high speed steel': 'A fine finish at a low speed',
  },
  'hand-feed': { carbide: 'Power feed', 'high speed steel': 'Feeding by hand' },
  chip: {
    carbide: 'Feed and depth inside the chip breaker’s window',
    'high speed steel': 'Feed and depth outside the chip breaker’s window',
  },
};

/** What would flip the choice, what can be done at the machine first, each as a line. */
export function sayFlips(
  { flips, weighed, inputs }: Pick<JobChoice<unknown>, 'flips' | 'weighed' | 'inputs'>,
  context: ChoiceContext,
  units: UnitSystem,
): readonly FlipLine[] {
  const towards: Towards = weighed.score > 0 ? 'high speed steel' : 'carbide';
  return flips.factors.map((factor) => ({
    factor,
    text: sayFlip(factor, towards, flips, inputs, context, units),
  }));
}

function sayFlip(
  factor: ChoiceFactor,
  towards: Towards,
  flips: Flips,
  inputs: ChoiceInputs,
  context: ChoiceContext,
  units: UnitSystem,
): string {
  if (factor === 'reach') return sayReachFlip(towards, flips, inputs, context, units);
  if (factor === 'bite') return `${sayBiteFlip(towards, context)}: ${towards}.`;
  if (factor === 'drawer') return `${sayDrawerFlip(towards, inputs)}: ${towards}.`;
  if (factor === 'batch' && flips.parts !== null)
    return towards === 'carbide'
      ? `From about ${Math.ceil(flips.parts)} parts: carbide.`
      : `Under about ${Math.ceil(flips.parts)} parts: high speed steel.`;
  if (factor === 'hardness')
    return flips.hardnessHb === null
      ? `If the metal were ${towards === 'carbide' ? 'much harder' : 'soft'}: ${towards}.`
      : `If the metal were ${towards === 'carbide' ? 'harder' : 'softer'} than ${Math.round(flips.hardnessHb)} HB: ${towards}.`;
  const ofJob = IF[factor];
  return ofJob ? `If ${ofJob[towards]}: ${towards}.` : `${AT_THE_MACHINE[factor]![towards]}: ${towards}.`;
}

function sayBiteFlip(towards: Towards, { carbide, hasNose }: ChoiceContext): string {
  if (towards === 'carbide')
    return hasNose
      ? `A deeper cut or more feed, or a sharper ${carbide} with a smaller nose`
      : `More feed, or a sharper ${carbide}`;
  return `A cut too light for the ${carbide}, less than ${hasNose ? 'two thirds of its nose deep' : 'twice its edge for a tooth'}`;
}

/** One more tool in the drawer, or one less where that side is there already. */
function sayDrawerFlip(towards: Towards, { carbideInDrawer, hssInDrawer }: ChoiceInputs): string {
  if (towards === 'carbide')
    return carbideInDrawer ? 'No sharp high speed steel in the drawer' : 'A sharp carbide edge in the drawer';
  return hssInDrawer ? 'No sharp carbide in the drawer' : 'Sharp high speed steel in the drawer';
}

/** What else gives another surface speed. */
const GROWN: Readonly<
  Record<NonNullable<ChoiceContext['grows']>, { readonly larger: string; readonly smaller: string }>
> = {
  work: { larger: 'larger work', smaller: 'smaller work' },
  cutter: { larger: 'a larger cutter', smaller: 'a smaller cutter' },
  stroke: { larger: 'a longer stroke', smaller: 'a shorter stroke' },
};

/** A reachable speed, as the speed of the spindle on this diameter. */
function sayReachFlip(
  towards: Towards,
  { reachableMPerMin }: Flips,
  inputs: ChoiceInputs,
  { topRpm, strokes, grows }: ChoiceContext,
  units: UnitSystem,
): string {
  if (reachableMPerMin === null)
    return towards === 'carbide'
      ? 'A much faster machine: carbide.'
      : 'A much slower machine: high speed steel.';
  const rpm = (topRpm * reachableMPerMin) / inputs.reachableMPerMin;
  const at = `${joined(formatSurfaceSpeed(reachableMPerMin, units))}, ${joined(formatSpindleSpeed(rpm, strokes ? 'strokes/min' : 'rpm'))} here`;
  return towards === 'carbide'
    ? `A machine that reaches ${at}${grows ? `, or ${GROWN[grows].larger}` : ''}: carbide.`
    : `A machine that reaches no more than ${at}${grows ? `, or ${GROWN[grows].smaller}` : ''}: high speed steel.`;
}
