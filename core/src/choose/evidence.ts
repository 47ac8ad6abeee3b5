import { clamp } from '../quantity/clamp';
import type { ChoiceInputs, InsertKind } from './choice-inputs';

/** What speaks for carbide or against it, in the order of the table. */
export const CHOICE_FACTORS = [
  'reach',
  'power',
  'stiffness',
  'hardness',
  'bite',
  'interruption',
  'form',
  'batch',
  'cost',
  'finish',
  'hand-feed',
  'chip',
  'drawer',
  'gummy',
  'abrasive',
  'hot-alloy',
] as const;
export type ChoiceFactor = (typeof CHOICE_FACTORS)[number];

interface FactorFacts {
  /** How much it counts; a shop may change it. */
  readonly weight: number;
  /** Least and most that its evidence can be. */
  readonly range: readonly [least: number, most: number];
  /** A fact of the job; the others can be changed at the machine or in the drawer. */
  readonly ofJob: boolean;
  /** From -1, all against carbide, to 1, all for it. */
  readonly evidence: (of: ChoiceInputs) => number;
}

/** Evidence by hardness, straight between the points: Brinell and evidence. */
const BY_HARDNESS = [
  [150, -0.3],
  [200, -0.1],
  [250, 0.1],
  [300, 0.4],
  [350, 0.8],
  [400, 1],
] as const;

function ofHardness(hb: number): number {
  const next = BY_HARDNESS.findIndex(([at]) => hb <= at);
  if (next < 0) return 1;
  const [high, evidence] = BY_HARDNESS[next]!;
  const [low, before] = BY_HARDNESS[next - 1] ?? [high - 1, evidence];
  return before + ((evidence - before) * (Math.max(low, hb) - low)) / (high - low);
}

/** Share of its nose radius that an insert wants as depth, and of its edge radius as feed. */
const LEAST_DEPTH_OF_NOSE = 0.67;
const LEAST_FEED_OF_EDGE = 2;

/** How many times the insert's least bite this depth and feed are. */
export const biteRatio = (
  of: Pick<ChoiceInputs, 'depthMm' | 'noseRadiusMm' | 'feedMm' | 'edgeRadiusUm'>,
): number =>
  Math.min(
    of.depthMm / (LEAST_DEPTH_OF_NOSE * of.noseRadiusMm),
    (of.feedMm * 1000) / (LEAST_FEED_OF_EDGE * of.edgeRadiusUm),
  );

const ofReach = (of: ChoiceInputs): number =>
  clamp(Math.log2(of.reachableMPerMin / of.carbideLowMPerMin), -1, 1);

const IN_GUMMY: Readonly<Record<InsertKind, number>> = {
  'polished-sharp-uncoated': 0.3,
  uncoated: -0.3,
  coated: -0.7,
  'aluminium-bearing-coating': -1,
};

/** A finish no finer than this says nothing, micrometres Ra. */
const PLAIN_RA_UM = 3.2;

/**
 * The factors of the choice with weight, range and evidence; typical, ours where no
 * measurement is known. Positive speaks for carbide.
 */
export const FACTOR_FACTS: Readonly<Record<ChoiceFactor, FactorFacts>> = {
  reach: { weight: 2, range: [-1, 1], ofJob: false, evidence: ofReach },
  power: {
    weight: 1,
    range: [-1, 0.2],
    ofJob: false,
    evidence: (of) => clamp(Math.log2(of.powerAvailableKw / of.powerNeededKw), -1, 0.2),
  },
  stiffness: { weight: 1, range: [-1, 1], ofJob: false, evidence: (of) => 2 * of.stiffness - 1 },
  hardness: { weight: 2.5, range: [-0.3, 1], ofJob: true, evidence: (of) => ofHardness(of.hardnessHb) },
  bite: {
    weight: 1.5,
    range: [-1, 0.2],
    ofJob: false,
    evidence: (of) => clamp(Math.log2(biteRatio(of)), -1, 0.2),
  },
  interruption: {
    weight: 1.2,
    range: [-1, 0],
    ofJob: true,
    evidence: (of) => clamp(-0.4 * of.interruption * (1.5 - of.stiffness), -1, 0),
  },
  form: { weight: 2.5, range: [-1, 0], ofJob: true, evidence: (of) => (of.specialForm ? -1 : 0) },
  batch: {
    weight: 0.8,
    range: [-0.5, 1],
    ofJob: false,
    evidence: (of) => clamp(Math.log10(of.parts / 10), -0.5, 1),
  },
  cost: {
    weight: 0.8,
    range: [-1, 1],
    ofJob: false,
    evidence: (of) => clamp(Math.log2(of.hssCostPerPart / of.carbideCostPerPart), -1, 1),
  },
  finish: {
    weight: 0.8,
    range: [-1, 1],
    ofJob: false,
    evidence: (of) => clamp(Math.log2(PLAIN_RA_UM / of.finishRaUm) / 2, 0, 1) * ofReach(of),
  },
  'hand-feed': {
    weight: 0.6,
    range: [-0.6, 0],
    ofJob: false,
    evidence: (of) => (!of.handFeed ? 0 : of.insert === 'polished-sharp-uncoated' ? -0.2 : -0.6),
  },
  chip: {
    weight: 0.6,
    range: [-0.4, 0.4],
    ofJob: false,
    evidence: (of) => (of.chip !== 'stringy' ? 0 : of.breakerInRange ? 0.4 : -0.4),
  },
  drawer: {
    weight: 1.5,
    range: [-1, 1],
    ofJob: false,
    evidence: (of) => Number(of.carbideInDrawer) - Number(of.hssInDrawer),
  },
  gummy: {
    weight: 1.5,
    range: [-1, 0.3],
    ofJob: true,
    evidence: (of) => (of.gummy ? IN_GUMMY[of.insert] : 0),
  },
  abrasive: { weight: 1.5, range: [0, 1], ofJob: true, evidence: (of) => Number(of.abrasive) },
  'hot-alloy': { weight: 1, range: [0, 0.5], ofJob: true, evidence: (of) => (of.hotAlloy ? 0.5 : 0) },
};
