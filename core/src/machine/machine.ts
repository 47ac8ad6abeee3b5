import type { MachineCondition } from './machine-condition';
import type { ChangeGears } from './change-gears';
import type { ConditionFindings } from './condition-check';
import type { Dial } from './dial';
import type { Drive } from './drive';
import type { Motor } from './motor';

/** One speed the machine really has, and how it is set. A shaper's are double strokes a minute. */
export interface SpeedStep {
  readonly rpm: number;
  /** Lever or belt position in the machine's own words: "Belt 3, back gear out". */
  readonly setting: string;
  /** Which position of the drive it is, when the drive is known. */
  readonly position?: string | undefined;
  /** Set when the speed was worked out from pulleys and gears. */
  readonly computed?: { readonly uRel: number } | undefined;
  /** Set when the speed was measured; else it is what the plate or the maker says. */
  readonly measured?: SpeedMeasured | undefined;
  /** What the spindle gives in this step before the motor stalls or a belt slips, when the drive and the motor are known. */
  readonly torqueNm?: number | undefined;
  /** What ends that torque, when both are known. */
  readonly torqueLimit?: 'motor' | 'belt-slip' | undefined;
}

export interface SpeedMeasured {
  readonly how: MeasureWay;
  readonly uRel: number;
  readonly on: string;
}

/** Ways to find a true spindle speed. */
export type MeasureWay = 'tapped' | 'counted' | 'friction-wheel' | 'pulses';

/** One power feed: mm per turn of the spindle on a lathe, mm/min on a mill table, mm per stroke on a shaper. */
export interface FeedStep {
  readonly value: number;
  readonly setting: string;
}

/** A wheel that is wound by hand. */
export interface HandWheel {
  readonly travelPerTurnMm: number;
  readonly divisions: number;
}

/** What a machine cannot go beyond; left out where it is not known. */
export interface MachineLimits {
  /** Largest diameter over the bed, and over the cross slide. */
  readonly swingMm?: number | undefined;
  readonly overSlideMm?: number | undefined;
  readonly betweenCentresMm?: number | undefined;
  /** Bed to centre. */
  readonly centreHeightMm?: number | undefined;
  /** Tool rest to centre: the tallest shank that can still be packed up to it. */
  readonly toolHeightMm?: number | undefined;
  readonly spindleBoreMm?: number | undefined;
  readonly colletsMm?: readonly number[] | undefined;
  /** Marked on the chuck or faceplate. */
  readonly chuckRpm?: number | undefined;
  readonly largestDrillMm?: number | undefined;
  readonly strokeMm?: number | undefined;
}

/** The banjo of a lathe: what is owned, what is on it now, and what does not change. */
export interface Banjo extends ChangeGears {
  readonly leadscrewPitchMm: number;
  /** Spindle to leadscrew with equal gears: tumbler, gearbox. */
  readonly fixedRatio: number;
  /** Carriage feed over thread pitch with the same gears: feed rod and apron. */
  readonly feedRatio: number;
  readonly owned: readonly number[];
}

interface AnyMachine {
  readonly name: string;
  readonly condition: MachineCondition;
  /** What the condition was found from. */
  readonly check?: (ConditionFindings & { readonly on: string }) | undefined;
  /** Small castings that bend, whatever their condition. */
  readonly light: boolean;
  /** Ascending. */
  readonly speeds: readonly SpeedStep[];
  /** Ascending; empty when the machine is fed by hand only. */
  readonly feeds: readonly FeedStep[];
  readonly motor?: Motor | undefined;
  readonly drive?: Drive | undefined;
  readonly limits?: MachineLimits | undefined;
}

export interface Lathe extends AnyMachine {
  readonly kind: 'lathe';
  /** Cross feed over carriage feed at the same lever. */
  readonly crossFeedRatio: number;
  readonly carriageWheel: HandWheel;
  readonly crossSlide: Dial;
  readonly tailstockWheel: HandWheel;
  readonly compoundSlide?: Dial | undefined;
  readonly banjo?: Banjo | undefined;
}

export interface Mill extends AnyMachine {
  readonly kind: 'vertical-mill' | 'horizontal-mill';
  readonly tableWheel: HandWheel;
  readonly kneeDial: Dial;
  readonly quillWheel: HandWheel;
}

export interface DrillPress extends AnyMachine {
  readonly kind: 'drill-press';
  /** The handle that brings the drill down. */
  readonly quillWheel: HandWheel;
}

export interface Shaper extends AnyMachine {
  readonly kind: 'shaper';
  /** Time of the cutting stroke over time of the return, at the longest stroke. */
  readonly returnRatio: number;
  readonly tableWheel: HandWheel;
  /** The tool slide's dial, down. */
  readonly toolSlide: Dial;
}

export type Machine = Lathe | Mill | DrillPress | Shaper;
export type MachineKind = Machine['kind'];

export const isMill = (machine: Machine): machine is Mill =>
  machine.kind === 'vertical-mill' || machine.kind === 'horizontal-mill';
