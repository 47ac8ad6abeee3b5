import type { Shortcut } from '../cut/shop-shortcut';
import { returnRatioAt } from '../cut/shaper-speed';
import type { SupportedBy } from '../cut/deflection';
import type { SpeedSchool } from '../cut/speed-range';
import type { MaterialOverride } from '../material/material';
import type { Machine } from '../machine/machine';
import type { RungRule } from '../machine/rung-choice';
import type { ToolMaterialKey } from '../tool/tool-material';
import { DEG } from '../quantity/angle';
import { centreHoleDiameter } from './centre-hole';
import { OPERATIONS, type Cutting, type Operation, type ToolKind } from './operations';

export interface Stock {
  readonly name: string;
  readonly materialKey: string;
  readonly own?: MaterialOverride | undefined;
  /** The metal was picked by guess. */
  readonly uncertain: boolean;
  /** Depth of scale or cast skin, mm; 0 when the stock is clean. */
  readonly skinMm: number;
}

export interface Tool {
  readonly name: string;
  readonly kind: ToolKind;
  readonly material: ToolMaterialKey;
  readonly dull: boolean;
  /** Cutter or drill diameter; unused for a turning tool. */
  readonly diameterMm: number;
  readonly teeth: number;
  /** Usable length of flute, mm. */
  readonly fluteLengthMm: number;
  readonly noseRadiusMm: number;
  readonly approachDeg: number;
  readonly cornerDeg: number;
  /** Height of a turning tool's shank, diameter of a cutter's; left out where it is not known. */
  readonly shankMm?: number | undefined;
  /** Width of a blade, of a saw, of the head of a T-slot cutter, of a form, mm. */
  readonly bladeMm?: number | undefined;
  /** Effective rake where the chip flows; left out: as it is usually ground. */
  readonly rakeDeg?: number | undefined;
  /** Teeth reach to the centre of the end: it may go straight down. Left out: not known. */
  readonly centreCutting?: boolean | undefined;
  readonly coating?: Coating | undefined;
}

/** What an edge is coated with, as far as it decides what it may cut. */
export const COATINGS = ['none', 'with-aluminium', 'without-aluminium'] as const;
export type Coating = (typeof COATINGS)[number];

export type Fluid = 'dry' | 'brush' | 'flood';
export type WorkSupport = SupportedBy;

/** Everything that is chosen for one cut. Nulls are left to the plan. */
export interface CutSetup {
  readonly machine: Machine;
  readonly operation: Operation;
  readonly stock: Stock;
  readonly tool: Tool;
  /** Work diameter when the work turns, a bore as it will be after the cut, the length of the work under a shaper; a cutter brings its own. */
  readonly workDiameterMm: number;
  /** Work out of the chuck, or cutter out of the collet, mm. */
  readonly stickOutMm: number;
  readonly support: WorkSupport;
  readonly fluid: Fluid;
  readonly interrupted: boolean;
  /** First pass over scale or cast skin. */
  readonly firstPassOnSkin: boolean;
  readonly depthMm: number | null;
  readonly widthMm: number | null;
  /** A step chosen by hand on the ladder. */
  readonly rpmByHand: number | null;
  readonly feedByHand: number | null;
  /** Of the shoulder, the taper, the thread; left out or null: the usual. */
  readonly lengthMm?: number | null | undefined;
  /** Half angle of a taper, of a chamfer from the axis, of a ramp; left out or null: the usual. */
  readonly angleDeg?: number | null | undefined;
  /** Of a thread or a knurl; left out or null: the usual. */
  readonly pitchMm?: number | null | undefined;
  /** How it is done, where there is more than one way; left out or null: the usual one. */
  readonly way?: Way | null | undefined;
}

/** Ways to turn a taper, and on which side a thread is. */
export const WAYS = ['compound', 'set-over', 'offset-head', 'outside', 'inside'] as const;
export type Way = (typeof WAYS)[number];

/** The shop's schools. */
export interface ShopRules {
  readonly school: SpeedSchool;
  readonly backOffThird: boolean;
  readonly shortcut: Shortcut;
  readonly rungRule: RungRule;
  readonly overshootPercent: number;
}

export const DEFAULT_RULES: ShopRules = {
  school: 'middle',
  backOffThird: false,
  shortcut: '1000*v/(pi*D)',
  rungRule: 'overshoot',
  overshootPercent: 10,
};

/** Diameter whose rim cuts fastest: the work on a lathe, the cutter elsewhere. */
export function turningDiameter(setup: CutSetup): number {
  const { turns } = OPERATIONS[setup.operation];
  if (turns === 'stroke') return strokeAsDiameter(setup);
  if (setup.operation === 'centre-drill') return centreHoleDiameter(setup.tool);
  return turns === 'work' ? setup.workDiameterMm : setup.tool.diameterMm;
}

/** A shaper's stroke: the clapper settles before the work, the tool clears it behind. */
const BEYOND_MM = 25;
export function strokeLength({
  machine,
  workDiameterMm,
}: Pick<CutSetup, 'machine' | 'workDiameterMm'>): number {
  return Math.min(workDiameterMm + BEYOND_MM, machine.limits?.strokeMm ?? Infinity);
}

/** Time of the cutting stroke over the return, at this stroke. */
export function strokeReturnRatio(setup: Pick<CutSetup, 'machine' | 'workDiameterMm'>): number {
  const { machine } = setup;
  if (machine.kind !== 'shaper') return 1;
  return machine.limits?.strokeMm === undefined
    ? machine.returnRatio
    : returnRatioAt(strokeLength(setup), machine.limits.strokeMm, machine.returnRatio);
}

/** The diameter whose rim moves as fast as the tool cuts in the mean of its stroke: N L (1 + 1/R) = pi D n. */
const strokeAsDiameter = (setup: CutSetup): number =>
  (strokeLength(setup) * (1 + 1 / strokeReturnRatio(setup))) / Math.PI;

/** What a machine does in a minute in this operation, and what its feed is counted by. */
export const speedUnit = ({ operation }: Pick<CutSetup, 'operation'>): 'rpm' | 'strokes/min' =>
  OPERATIONS[operation].turns === 'stroke' ? 'strokes/min' : 'rpm';
export const feedPer = ({ operation }: Pick<CutSetup, 'operation'>): 'rev' | 'stroke' =>
  OPERATIONS[operation].turns === 'stroke' ? 'stroke' : 'rev';

export const cuttingOf = ({ operation }: Pick<CutSetup, 'operation'>): Cutting =>
  OPERATIONS[operation].cutting;

/** Width of the blade when none is said, mm. */
const USUAL_BLADE_MM = 2;
/** Width of the edge that goes in: of the blade, of the form, of the slope of a chamfer. */
export function bladeWidth({
  tool,
  operation,
  depthMm,
  angleDeg,
}: Pick<CutSetup, 'tool' | 'operation' | 'depthMm' | 'angleDeg'>): number {
  return operation === 'chamfer'
    ? (depthMm ?? USUAL_CHAMFER_MM) / Math.sin((angleDeg ?? USUAL_CHAMFER_DEG) * DEG)
    : (tool.bladeMm ?? USUAL_BLADE_MM);
}
export const USUAL_CHAMFER_MM = 1;
export const USUAL_CHAMFER_DEG = 45;

/** A bar is as thick as its shank says, else as half the bore. */
export const barDiameter = ({ tool, workDiameterMm }: Pick<CutSetup, 'tool' | 'workDiameterMm'>): number =>
  tool.shankMm ?? workDiameterMm / 2;

/** What is left for a reamer on the diameter: 0.1 mm and a hundredth of it. */
export const reamAllowance = (diameterMm: number): number => 0.1 + 0.01 * diameterMm;
