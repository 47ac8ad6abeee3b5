import type { MachineCondition } from '@pike-stone/core';
import { biteRatio, type ChoiceFactor, type ChoiceInputs, type EdgeFeed } from '@pike-stone/core/choose';
import {
  formatChip,
  formatEdgeRadius,
  formatFeedPerTurn,
  formatLength,
  formatPower,
  formatRa,
  formatSurfaceSpeed,
  joined,
  type UnitSystem,
} from '../format';
import { formatMoney } from './money';

/** What the sentences of a choice need beside its inputs. */
export interface ChoiceContext {
  readonly diameterMm: number;
  readonly topRpm: number;
  /** Name of the carbide tool: "coated insert". */
  readonly carbide: string;
  /** Its edges are turned to a new one, as those of an insert are. */
  readonly indexed: boolean;
  /** What its feed is said of. */
  readonly feedOf: EdgeFeed['of'];
  /** It has a nose that the depth is compared with. */
  readonly hasNose: boolean;
  /** Name of the metal. */
  readonly metal: string;
  readonly condition: MachineCondition;
  readonly light: boolean;
  readonly powerUnknown: boolean;
  readonly strokes: boolean;
  /** What would be larger where more surface speed is wanted; null where the size of the tool is the job. */
  readonly grows: 'work' | 'cutter' | 'stroke' | null;
}

/** Short titles of the factors, as they stand beside their bars. */
export const FACTOR_TITLES: Readonly<Record<ChoiceFactor, string>> = {
  reach: 'Speed reached',
  power: 'Power',
  stiffness: 'Stiffness',
  hardness: 'Hardness',
  bite: 'Bite',
  interruption: 'Blows',
  form: 'Form',
  batch: 'How many',
  cost: 'Cost',
  finish: 'Finish',
  'hand-feed': 'Hand feed',
  chip: 'Chip',
  drawer: 'Drawer',
  gummy: 'Sticky metal',
  abrasive: 'Abrasive',
  'hot-alloy': 'Strong when hot',
};

/** Hardness up to which high speed steel cuts easily, slowly and hardly, HB. */
const HARDNESS_WORDS = [
  [250, 'high speed steel cuts that easily'],
  [300, 'high speed steel cuts that slowly'],
  [350, 'high speed steel hardly cuts that'],
] as const;

type Say = (of: ChoiceInputs, context: ChoiceContext, units: UnitSystem) => string;
const speed = (mPerMin: number, units: UnitSystem): string => joined(formatSurfaceSpeed(mPerMin, units));
const length = (mm: number, units: UnitSystem): string => joined(formatLength(mm, units));

const sayReach: Say = (of, { diameterMm, topRpm, carbide, strokes }, units) => {
  const on = strokes ? 'with this stroke' : `on ⌀${length(diameterMm, units)}`;
  const top = `Your machine tops out at ${speed(of.reachableMPerMin, units)} ${on} (${Math.round(topRpm)} ${strokes ? 'strokes/min' : 'rpm'})`;
  const low = speed(of.carbideLowMPerMin, units);
  const share = of.reachableMPerMin / of.carbideLowMPerMin;
  if (share < 0.5)
    return `${top}: under half of the ${low} from which the ${carbide} works in this metal; there it builds up an edge and crumbles.`;
  if (share < 1) return `${top}: below the ${low} from which the ${carbide} works in this metal.`;
  return `${top}: the ${carbide} works from ${low} in this metal.`;
};

const sayBite: Say = (of, { carbide, hasNose, feedOf }, units) => {
  const enough = biteRatio(of) >= 1;
  const chip = `chip of ${joined(formatChip(of.feedMm, units))}`;
  const feed = feedOf === 'chip' ? `A ${chip}` : joined(formatFeedPerTurn(of.feedMm, units, feedOf));
  const twice = `twice its edge of ${joined(formatEdgeRadius(of.edgeRadiusUm, units))}`;
  const wants = hasNose ? `two thirds of its nose of ${length(of.noseRadiusMm, units)} and ${twice}` : twice;
  const cut = hasNose
    ? `${length(of.depthMm, units)} deep ${feedOf === 'chip' ? `with a ${chip}` : `at ${feed}`}`
    : feed;
  return `${cut}: the ${carbide} wants ${wants}${enough ? '; it gets that.' : ', or it rubs.'}`;
};

const sayBatch: Say = (of, { indexed }) => {
  if (of.parts === 1) return 'One part only: setting an edge again costs little.';
  return indexed
    ? `${of.parts} parts: an insert turned to a new edge repeats the size without setting again, which pays from about 10 parts.`
    : `${of.parts} parts: an edge that lasts holds its size over more of them, which pays from about 10 parts.`;
};

const SAY: Readonly<Record<ChoiceFactor, Say>> = {
  reach: sayReach,
  power: (of, { powerUnknown }, units) =>
    powerUnknown
      ? 'The motor of this machine is not known: power is left out.'
      : `Carbide’s cut asks for ${joined(formatPower(of.powerNeededKw, units))} of the ${joined(formatPower(of.powerAvailableKw, units))} at the spindle.`,
  stiffness: (_of, { condition, light }) =>
    condition === 'rigid'
      ? 'A rigid machine carries a hard, brittle edge.'
      : condition === 'ordinary'
        ? `An ordinary machine${light ? ' of light build' : ''}: stiff enough for either, if nothing sticks out far.`
        : 'A tired machine has slack: the tool digs in, and carbide chips where high speed steel only bends.',
  hardness: (of) => {
    const hb = Math.round(of.hardnessHb);
    const words = HARDNESS_WORDS.find(([most]) => hb <= most)?.[1] ?? 'carbide is the edge for that';
    return `The metal is about ${hb} HB: ${words}.`;
  },
  bite: sayBite,
  interruption: (of) =>
    of.interruption === 0
      ? 'The cut is whole: no blows.'
      : `${of.interruption >= 2 ? 'Heavy' : 'Light'} blows each turn or stroke: high speed steel is the tougher edge.`,
  form: (of) =>
    of.specialForm
      ? 'A special form is ground in high speed steel in minutes; in carbide it is bought, or ground on diamond.'
      : 'No special form.',
  batch: sayBatch,
  cost: (of) =>
    `A part costs about ${formatMoney(of.hssCostPerPart)} with high speed steel and ${formatMoney(of.carbideCostPerPart)} with carbide.`,
  finish: (of, context, units) =>
    of.finishRaUm >= 3.2
      ? 'The finish asks nothing special.'
      : of.reachableMPerMin < of.carbideLowMPerMin
        ? `Ra ${formatRa(of.finishRaUm, units)} at a low speed wants a sharp, honed edge of high speed steel.`
        : `Ra ${formatRa(of.finishRaUm, units)} at carbide’s speed: ${context.carbide} leaves it bright.`,
  'hand-feed': (of) =>
    of.handFeed
      ? 'Fed by hand: the hand holds a sharp edge more evenly than a honed one, which pushes back.'
      : 'Fed by power.',
  chip: (of) =>
    of.chip !== 'stringy'
      ? 'The chip of this metal gives no trouble.'
      : of.breakerInRange
        ? 'A stringy chip, and feed and depth lie where a pressed chip breaker works.'
        : 'A stringy chip, and feed and depth are too small for a pressed chip breaker: a ground one can be made for any.',
  drawer: (of) => {
    if (of.carbideInDrawer && of.hssInDrawer) return 'Both are in the drawer, sharp.';
    if (of.carbideInDrawer) return 'Carbide is in the drawer; sharp high speed steel for it is not.';
    return of.hssInDrawer
      ? 'High speed steel is in the drawer; carbide for it is not.'
      : 'Neither is in the drawer, sharp, for this cut.';
  },
  gummy: (of, { carbide }) =>
    !of.gummy
      ? 'The metal does not stick to the edge.'
      : of.insert === 'polished-sharp-uncoated'
        ? `The metal welds to an edge: the ${carbide} is sharp and bare, which it likes.`
        : of.insert === 'aluminium-bearing-coating'
          ? `The metal welds to the coating of the ${carbide}, which holds aluminium: wrong here.`
          : `The metal welds to an edge: it wants a sharp, polished, bare one, which the ${carbide} is not.`,
  abrasive: (of) =>
    of.abrasive ? 'Sand, scale or hard grains grind high speed steel away.' : 'Nothing abrasive in it.',
  'hot-alloy': (of, { metal }) =>
    of.hotAlloy
      ? `${metal} stays strong when hot: carbide has it easier; high speed steel works with steady feed and flood.`
      : 'The metal softens in the cut as usual.',
};

/** What a factor says of a job, in the machine's own numbers. */
export const sayFactor = (
  factor: ChoiceFactor,
  of: ChoiceInputs,
  context: ChoiceContext,
  units: UnitSystem,
): string => SAY[factor](of, context, units);
