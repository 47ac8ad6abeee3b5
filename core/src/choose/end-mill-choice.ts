import type { MachineCondition } from '../machine/machine-condition';

/** Metals as an end mill sees them. */
export const MILLED_GROUPS = [
  'aluminium',
  'copper',
  'brass',
  'low-carbon-steel',
  'alloy-steel',
  'tool-steel-hard',
  'stainless',
  'cast-iron',
  'titanium',
  'plastic',
] as const;
export type MilledGroup = (typeof MILLED_GROUPS)[number];

export const MILL_CUTS = ['side-rough', 'side-finish', 'slot', 'plunge', 'ramp'] as const;
export type MillCut = (typeof MILL_CUTS)[number];

/** What an end mill is coated with, or 'none'. */
export const MILL_COATINGS = [
  'none',
  'none-polished',
  'tin',
  'ticn',
  'tialn',
  'altin',
  'alcrn',
  'crn',
  'zrn',
  'dlc',
] as const;
export type MillCoating = (typeof MILL_COATINGS)[number];

type Flutes = readonly [least: number, most: number];
type Helix = readonly [lowDeg: number, highDeg: number];

interface GroupFacts {
  readonly rough: Flutes;
  readonly finish: Flutes;
  /** For slots, plunging and ramps. */
  readonly slot: Flutes;
  readonly roughHelixDeg: Helix;
  readonly finishHelixDeg: Helix;
  readonly suit: readonly MillCoating[];
  readonly harm: readonly MillCoating[];
  readonly fluid: string;
}

/** End mills by metal; typical. */
const GROUPS: Readonly<Record<MilledGroup, GroupFacts>> = {
  aluminium: {
    rough: [2, 3],
    finish: [3, 3],
    slot: [2, 3],
    roughHelixDeg: [35, 45],
    finishHelixDeg: [40, 50],
    suit: ['none-polished', 'zrn', 'dlc'],
    harm: ['tialn', 'altin', 'alcrn'],
    fluid: 'mist, soluble oil or paraffin',
  },
  copper: {
    rough: [2, 3],
    finish: [3, 3],
    slot: [2, 2],
    roughHelixDeg: [35, 45],
    finishHelixDeg: [40, 50],
    suit: ['none-polished', 'crn', 'dlc'],
    harm: ['tialn', 'altin'],
    fluid: 'soluble oil or light oil without sulphur',
  },
  brass: {
    rough: [2, 4],
    finish: [4, 4],
    slot: [2, 3],
    roughHelixDeg: [0, 30],
    finishHelixDeg: [25, 35],
    suit: ['none'],
    harm: [],
    fluid: 'dry or air',
  },
  'low-carbon-steel': {
    rough: [3, 4],
    finish: [4, 4],
    slot: [2, 3],
    roughHelixDeg: [30, 35],
    finishHelixDeg: [35, 45],
    suit: ['tin', 'ticn', 'tialn'],
    harm: [],
    fluid: 'soluble oil; cutting oil at low speed',
  },
  'alloy-steel': {
    rough: [4, 4],
    finish: [4, 4],
    slot: [2, 3],
    roughHelixDeg: [30, 38],
    finishHelixDeg: [35, 45],
    suit: ['ticn', 'tialn', 'altin'],
    harm: [],
    fluid: 'soluble oil, or dry air with tialn at speed',
  },
  'tool-steel-hard': {
    rough: [4, 4],
    finish: [4, 4],
    slot: [3, 4],
    roughHelixDeg: [25, 35],
    finishHelixDeg: [35, 45],
    suit: ['tialn', 'altin'],
    harm: ['none'],
    fluid: 'dry air',
  },
  stainless: {
    rough: [3, 4],
    finish: [4, 4],
    slot: [3, 3],
    roughHelixDeg: [35, 40],
    finishHelixDeg: [38, 45],
    suit: ['ticn', 'tialn', 'altin'],
    harm: [],
    fluid: 'rich soluble oil or cutting oil, steady',
  },
  'cast-iron': {
    rough: [4, 4],
    finish: [4, 4],
    slot: [4, 4],
    roughHelixDeg: [25, 35],
    finishHelixDeg: [30, 38],
    suit: ['ticn', 'tialn', 'none'],
    harm: [],
    fluid: 'dry, with dust extraction',
  },
  titanium: {
    rough: [4, 4],
    finish: [4, 4],
    slot: [3, 3],
    roughHelixDeg: [35, 40],
    finishHelixDeg: [38, 45],
    suit: ['altin', 'none'],
    harm: ['tin'],
    fluid: 'flooded soluble oil',
  },
  plastic: {
    rough: [1, 2],
    finish: [2, 2],
    slot: [1, 2],
    roughHelixDeg: [20, 35],
    finishHelixDeg: [30, 45],
    suit: ['none-polished'],
    harm: ['tialn', 'altin'],
    fluid: 'air',
  },
};

export interface EndMillChoice {
  readonly flutes: readonly number[];
  readonly helixDeg: Helix;
  readonly centreCuttingNeeded: boolean;
  readonly suit: readonly MillCoating[];
  readonly harm: readonly MillCoating[];
  readonly fluid: string;
}

/** A slack table lets a cutter of high helix pull itself in: so much less helix, degrees. */
const TIRED_LESS_DEG = 5;

const whole = ([least, most]: Flutes): number[] =>
  Array.from({ length: most - least + 1 }, (_, i) => least + i);

/**
 * The end mill for a metal and a cut: flutes, helix, centre-cutting, coatings, fluid.
 *
 * Few flutes leave room for the chip in a slot; many are stiffer and finish smoother. A
 * plunge or a ramp needs teeth to the centre. On a tired machine everything but the
 * finishing side cut takes 5 degrees less helix.
 *
 * @example endMillChoice('aluminium', 'slot', 'ordinary').flutes // [2, 3]
 */
export function endMillChoice(group: MilledGroup, cut: MillCut, condition: MachineCondition): EndMillChoice {
  const { rough, finish, slot, roughHelixDeg, finishHelixDeg, suit, harm, fluid } = GROUPS[group];
  const finishing = cut === 'side-finish';
  const [low, high] = finishing ? finishHelixDeg : roughHelixDeg;
  const less = condition === 'tired' && !finishing ? TIRED_LESS_DEG : 0;
  return {
    flutes: whole(cut === 'side-rough' ? rough : finishing ? finish : slot),
    helixDeg: [Math.max(0, low - less), Math.max(0, high - less)],
    centreCuttingNeeded: cut === 'plunge' || cut === 'ramp',
    suit,
    harm,
    fluid,
  };
}

/** An end mill that is there. */
export interface OfferedMill {
  readonly flutes: number;
  readonly coating: MillCoating;
  readonly centreCutting: boolean;
}
/** What matters most first. */
export const MILL_FAULTS = ['not-centre-cutting', 'flutes', 'coating-harms'] as const;
export type MillFault = (typeof MILL_FAULTS)[number];

/** What is wrong with an end mill for a choice, what matters most first; empty when it is right. */
export function millFaults(choice: EndMillChoice, offered: OfferedMill): MillFault[] {
  const wrong: Readonly<Record<MillFault, boolean>> = {
    'not-centre-cutting': choice.centreCuttingNeeded && !offered.centreCutting,
    flutes: !choice.flutes.includes(offered.flutes),
    'coating-harms': choice.harm.includes(offered.coating),
  };
  return MILL_FAULTS.filter((fault) => wrong[fault]);
}

/** How much faults weigh: one that matters more outweighs all that matter less. */
export const faultsWeigh = (faults: readonly MillFault[]): number =>
  faults.reduce((sum, fault) => sum + 2 ** (MILL_FAULTS.length - 1 - MILL_FAULTS.indexOf(fault)), 0);
