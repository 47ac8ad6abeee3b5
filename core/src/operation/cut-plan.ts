import type { FeedStep } from '../machine/machine';
import type { RungChoice } from '../machine/rung-choice';
import type { Material } from '../material/material';
import type { FactorChain } from '../mechanics/factor-chain';
import type { ShortcutResult } from '../mechanics/shop-shortcut';
import type { SpeedRange } from '../mechanics/speed-range';
import type { TurningFeedLimits } from '../mechanics/turning-feed';
import { isBeyond } from '../quantity/beyond';
import type { ToolMaterial } from '../tool/tool-material';

/** What can hold a speed down beside the aim: end of the chart, mark on the chuck, carriage, ram, power of the step. */
export type SpeedCapName = 'chart' | 'chuck' | 'carriage' | 'ram' | 'power';

/** A speed that is not gone beyond, and why. */
export interface SpeedCap {
  readonly name: SpeedCapName;
  readonly rpm: number;
}

/** Whether a spindle speed lies above what the machine or the operation must not go beyond. */
export const isOverCap = ({ caps }: Pick<SpeedPlan, 'caps'>, rpm: number): boolean =>
  caps.some((cap) => isBeyond(rpm, cap.rpm));

export interface SpeedPlan {
  readonly range: SpeedRange;
  /** The shop put its own range in place of the library's. */
  readonly rangeIsOwn: boolean;
  readonly factors: FactorChain;
  readonly aimMPerMin: number;
  readonly idealRpm: number;
  readonly shortcut: ShortcutResult;
  readonly choice: RungChoice;
  /** The speed step in use: the chosen one, or the one picked by hand. */
  readonly rungRpm: number;
  readonly setting: string;
  readonly byHand: boolean;
  readonly actualMPerMin: number;
  /** The chart range with the factors applied, on the machine's scale. */
  readonly bandRpm: readonly [number, number];
  readonly topRpm: number;
  /** What the machine and the operation must not go beyond, whatever the chart says: chuck, carriage, ram. */
  readonly caps: readonly SpeedCap[];
  /** The lowest of these caps, of the end of the chart, and of the power it was eased to. */
  readonly cap: SpeedCap;
  /** The cap, when the step that the aim asks for lies above it. */
  readonly heldBy: SpeedCap | null;
}

/** Where a feed that neither a nose nor teeth decide comes from. */
export type FeedChart =
  'stroke' | 'drill' | 'ream' | 'blade' | 'form' | 'centre' | 'pitch' | 'knurl' | 'file';

/** Where the feed starts from, before the machine is asked. */
export interface FeedStart {
  /** Feed per turn wanted with the factors applied, mm. */
  readonly wantedMmRev: number;
  /** The chart or limit value before the factors, mm per turn (per tooth when milling). */
  readonly baseMm: number;
  /** Feed factor that was applied; 1 where the feed is given by the work, as a pitch is. */
  readonly factor: number;
  readonly lowMmRev: number;
  readonly highMmRev: number;
  readonly turning: TurningFeedLimits | null;
  readonly tooth: {
    readonly teeth: number;
    /** Raise of the feed because a narrow cut thins the chip, and the most it may be. */
    readonly compensation: number;
    readonly cap: number;
    readonly fzMm: number;
  } | null;
  readonly chart?: FeedChart | undefined;
}

export type WheelName = 'compound' | 'carriage' | 'cross-slide' | 'tailstock' | 'table' | 'quill';

/** The feed as it is set on this machine. */
export type FeedSetting =
  | {
      readonly how: 'lever';
      readonly per: 'rev' | 'min' | 'stroke';
      readonly value: number;
      readonly setting: string;
      readonly below: FeedStep | null;
      readonly above: FeedStep | null;
    }
  | {
      readonly how: 'hand';
      readonly wheel: WheelName;
      readonly secondsPerTurn: number;
      readonly travelPerTurnMm: number;
      readonly divisions: number;
      readonly handIsLimit: boolean;
    }
  /** The leadscrew draws the tool along: the pitch is the feed. */
  | { readonly how: 'screw'; readonly pitchMm: number }
  /** Strokes of a file, each a little sideways. */
  | { readonly how: 'strokes'; readonly perMin: number };

export interface FeedPlan extends FeedStart {
  readonly setting: FeedSetting;
  /** What the machine really gives. */
  readonly mmRev: number;
  readonly mmMin: number;
  readonly byHandChoice: boolean;
  /** Most feed that the power of the step leaves, mm per turn, where the wanted feed was eased to it. */
  readonly easedMmRev: number | null;
  /** The thickest chip is under twice the thinnest that the edge cuts. */
  readonly rubs: boolean;
}

/** Why the starting depth is what it is: the operation's own rule, or what overruled it. */
export type DepthReason = 'own' | 'under-the-skin' | 'nose-radius' | 'machine-power' | 'cutter-spring';

export interface DepthStart {
  /** Before the factors. */
  readonly wantedMm: number;
  /** Depth factor that was applied; 1 where the tool or the form sets the depth. */
  readonly factor: number;
  readonly startMm: number;
  readonly reason: DepthReason;
  /** Width of cut to start with; null where the operation has none. */
  readonly widthMm: number | null;
}

export interface DepthPlan extends DepthStart {
  readonly mm: number;
  readonly widthInUseMm: number | null;
  readonly byHand: boolean;
  /** Divisions of the dial that set it, where a dial does. */
  readonly dialDivisions: number | null;
  readonly afterDiameterMm: number | null;
  /** The bore before this cut. */
  readonly beforeDiameterMm: number | null;
}

/** What to set for one cut, with everything it was found from. */
export interface CutPlan {
  readonly metal: Material;
  readonly edge: ToolMaterial;
  /** Diameter whose rim cuts fastest, mm. */
  readonly diameterMm: number;
  readonly speed: SpeedPlan;
  readonly feed: FeedPlan;
  readonly depth: DepthPlan;
}
