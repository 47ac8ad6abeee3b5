import type { CutPlan, CutSetup, Tool } from '@pike-stone/core';
import type { Shown, UnitSystem } from '../format';
import type { WorkingLine } from '../working/line';

/** A result as the page shows it: label, value, and how it is set on the machine. */
export interface Said {
  readonly label: string;
  readonly shown: Shown;
  readonly setting: string;
}

/** The figures on a sketch. */
export type SketchFigure = 'diameter' | 'depth' | 'width' | 'length' | 'angle' | 'pitch' | 'stickOut';

/** Words of one operation. */
export interface OperationWords<T extends Tool = Tool> {
  /** Before the stock: "Turn", "Cut a thread on". */
  readonly verb: string;
  /** Its name in a list where another operation has the same verb. */
  readonly called?: string;
  /** A line about it in the list of operations. */
  readonly about: string;
  /** Which diameter its speed belongs to. */
  readonly diameter: string;
  /** What the time of a pass covers. */
  readonly pass?: string;
  /** What its width is called where it is not "Width of cut". */
  readonly width?: string;
  /** Its width is not told beside the depth: the cutter is as wide. */
  readonly widthGoesWithoutSaying?: boolean;
  /** What its feed is called where a blade's chart is read. */
  readonly bladeFeed?: string;
  /** What the figures on its sketch are called where they have a name of their own. */
  readonly figures?: Partial<Record<SketchFigure, string>>;
  /** What its ways are asked with: "Which thread". */
  readonly ways?: string;
  /** Its angle is asked as drawings say a taper. */
  readonly angleAsTaper?: boolean;
  /** Pitches that are met, as they are called. */
  readonly pitches?: Readonly<Record<UnitSystem, readonly string[]>>;
  /** When a faster step becomes right. */
  readonly stepUp?: string;
  /** Why the starting depth is what it is. */
  depthWhy(plan: CutPlan, units: UnitSystem): string;
  /** Setting of its depth, where that is not simply advanced. */
  depth?(setup: CutSetup<T>, plan: CutPlan, units: UnitSystem): Partial<Said>;
  /** What its geometry leads to, with how. */
  details?(setup: CutSetup<T>, units: UnitSystem): readonly WorkingLine[];
}
