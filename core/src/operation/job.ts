import type { Machine } from '../machine/machine';
import type { MaterialOverride } from '../material/material';
import type { LearnedFactors } from '../mechanics/factor-chain';
import type { SupportedBy } from '../mechanics/deflection';
import type { Tool } from '../tool/tool';

/** A bar, block or casting, as far as the cut is concerned. */
export interface Stock {
  readonly name: string;
  readonly materialKey: string;
  readonly own?: MaterialOverride | undefined;
  /** The metal was picked by guess. */
  readonly uncertain: boolean;
  /** Depth of scale or cast skin, mm; 0 when the stock is clean. */
  readonly skinMm: number;
}

export type Fluid = 'dry' | 'brush' | 'flood';

/** Ways to turn a taper, and on which side a thread is. */
export const WAYS = ['compound', 'set-over', 'offset-head', 'outside', 'inside'] as const;
export type Way = (typeof WAYS)[number];

/** Everything that is chosen for one cut but what is done. A null is left to the plan. */
export interface Job<T extends Tool = Tool> {
  readonly machine: Machine;
  readonly stock: Stock;
  readonly tool: T;
  /** Diameter of the work when it turns, of a bore as it will be after the cut, length of the work under a shaper; a cutter brings its own. */
  readonly workDiameterMm: number;
  /** Work out of the chuck, or cutter out of the collet, mm. */
  readonly stickOutMm: number;
  readonly support: SupportedBy;
  readonly fluid: Fluid;
  readonly interrupted: boolean;
  /** First pass over scale or cast skin. */
  readonly firstPassOnSkin: boolean;
  readonly depthMm: number | null;
  readonly widthMm: number | null;
  /** A speed step picked on the ladder. */
  readonly rpmByHand: number | null;
  readonly feedByHand: number | null;
  /** Feed that a hand winds, mm per turn of the spindle, where it is not left to the plan: that of a trial, or of a change before it is proposed. */
  readonly woundMmRev?: number | null | undefined;
  /** Of the shoulder, the taper, the thread. */
  readonly lengthMm?: number | null | undefined;
  /** Half angle of a taper, of a chamfer from the axis, of a ramp from the surface. */
  readonly angleDeg?: number | null | undefined;
  /** Of a thread or a knurl. */
  readonly pitchMm?: number | null | undefined;
  /** A thread runs out into a groove or past the end, and not toward a shoulder. */
  readonly runOut?: boolean | null | undefined;
  /** How it is done, where there is more than one way. */
  readonly way?: Way | null | undefined;
  /** The shop's own factors for this machine, metal and tool material, where they are used. */
  readonly learned?: LearnedFactors | null | undefined;
}
