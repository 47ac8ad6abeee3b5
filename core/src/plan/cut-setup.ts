import type { Shortcut } from '../cut/shop-shortcut';
import { returnRatioAt } from '../cut/shaper-speed';
import type { ForceOperation } from '../cut/specific-force';
import type { SpeedSchool } from '../cut/speed-range';
import type { CutterUse } from '../cut/feed-per-tooth';
import type { MaterialOverride, SpeedOperation } from '../material/material';
import type { Machine } from '../machine/machine';
import type { RungRule } from '../machine/rung-choice';
import type { ToolMaterialKey } from '../tool/tool-material';

export const OPERATION_KEYS = ['turn', 'face', 'bore', 'drill', 'ream', 'part', 'shape', 'mill-side', 'mill-slot', 'face-mill'] as const;
export type Operation = (typeof OPERATION_KEYS)[number];
export const TOOL_KINDS = ['turning-tool', 'boring-bar', 'parting-blade', 'drill', 'reamer', 'end-mill', 'face-mill'] as const;
export type ToolKind = (typeof TOOL_KINDS)[number];

/** How the edge takes the metal: decides which feed, depth and force belong to it. */
export type Cutting = 'turning' | 'blade' | 'drilling' | 'reaming' | 'milling';

interface OperationFacts {
  readonly verb: string;
  readonly speedColumn: SpeedOperation;
  readonly tool: ToolKind;
  readonly cutter: CutterUse | null;
  /** What the diameter belongs to. */
  readonly turns: 'work' | 'cutter' | 'stroke';
  readonly cutting: Cutting;
  readonly force: ForceOperation;
  /** Which way it is fed on a lathe. */
  readonly fed: 'along' | 'across' | 'tailstock';
  /** What stands out of its hold and gives way. */
  readonly overhang: 'work' | 'blade' | 'bar' | 'cutter' | null;
}

/** What each operation reads from the tables and needs in the spindle. */
export const OPERATIONS: Readonly<Record<Operation, OperationFacts>> = {
  turn: { verb: 'Turn', speedColumn: 'turning', tool: 'turning-tool', cutter: null, turns: 'work', cutting: 'turning', force: 'turn-outside', fed: 'along', overhang: 'work' },
  face: { verb: 'Face', speedColumn: 'turning', tool: 'turning-tool', cutter: null, turns: 'work', cutting: 'turning', force: 'face', fed: 'across', overhang: 'work' },
  bore: { verb: 'Bore', speedColumn: 'turning', tool: 'boring-bar', cutter: null, turns: 'work', cutting: 'turning', force: 'bore', fed: 'along', overhang: 'bar' },
  drill: { verb: 'Drill', speedColumn: 'drilling', tool: 'drill', cutter: null, turns: 'cutter', cutting: 'drilling', force: 'drill', fed: 'tailstock', overhang: null },
  ream: { verb: 'Ream', speedColumn: 'reaming', tool: 'reamer', cutter: null, turns: 'cutter', cutting: 'reaming', force: 'drill', fed: 'tailstock', overhang: null },
  part: { verb: 'Part off', speedColumn: 'parting', tool: 'parting-blade', cutter: null, turns: 'work', cutting: 'blade', force: 'part', fed: 'across', overhang: 'blade' },
  shape: { verb: 'Shape', speedColumn: 'turning', tool: 'turning-tool', cutter: null, turns: 'stroke', cutting: 'turning', force: 'shape', fed: 'along', overhang: null },
  'mill-side': { verb: 'Side-mill', speedColumn: 'milling', tool: 'end-mill', cutter: 'end-mill-side', turns: 'cutter', cutting: 'milling', force: 'mill', fed: 'along', overhang: 'cutter' },
  'mill-slot': { verb: 'Slot', speedColumn: 'milling', tool: 'end-mill', cutter: 'end-mill-slot', turns: 'cutter', cutting: 'milling', force: 'mill', fed: 'along', overhang: 'cutter' },
  'face-mill': { verb: 'Face-mill', speedColumn: 'milling', tool: 'face-mill', cutter: 'face-mill', turns: 'cutter', cutting: 'milling', force: 'mill', fed: 'along', overhang: null },
};

export const MACHINE_OPERATIONS: Readonly<Record<Machine['kind'], readonly Operation[]>> = {
  lathe: ['turn', 'face', 'bore', 'drill', 'ream', 'part'],
  'vertical-mill': ['mill-side', 'mill-slot', 'face-mill', 'drill', 'ream'],
  'horizontal-mill': ['face-mill', 'mill-side', 'mill-slot', 'drill', 'ream'],
  'drill-press': ['drill', 'ream'],
  shaper: ['shape'],
};

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
  /** Width of a parting blade, mm. */
  readonly bladeMm?: number | undefined;
  /** Effective rake where the chip flows; left out: as it is usually ground. */
  readonly rakeDeg?: number | undefined;
}

export type Fluid = 'dry' | 'brush' | 'flood';
export type WorkSupport = 'chuck' | 'chuck-and-centre';

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
}

/** The shop's schools. */
export interface ShopRules {
  readonly school: SpeedSchool;
  readonly backOffThird: boolean;
  readonly shortcut: Shortcut;
  readonly rungRule: RungRule;
  readonly overshootPercent: number;
}

export const DEFAULT_RULES: ShopRules = {
  school: 'middle', backOffThird: false, shortcut: '1000*v/(pi*D)', rungRule: 'overshoot', overshootPercent: 10,
};

/** Diameter whose rim cuts fastest: the work on a lathe, the cutter elsewhere. */
export const turningDiameter = (setup: CutSetup): number =>
  OPERATIONS[setup.operation].turns === 'work' ? setup.workDiameterMm : OPERATIONS[setup.operation].turns === 'stroke' ? strokeAsDiameter(setup) : setup.tool.diameterMm;

/** A shaper's stroke: the clapper settles before the work, the tool clears it behind. */
const BEYOND_MM = 25;
export function strokeLength({ machine, workDiameterMm }: Pick<CutSetup, 'machine' | 'workDiameterMm'>): number {
  return Math.min(workDiameterMm + BEYOND_MM, machine.limits?.strokeMm ?? Infinity);
}

/** Time of the cutting stroke over the return, at this stroke. */
export function strokeReturnRatio(setup: Pick<CutSetup, 'machine' | 'workDiameterMm'>): number {
  const { machine } = setup;
  if (machine.kind !== 'shaper') return 1;
  return machine.limits?.strokeMm === undefined ? machine.returnRatio : returnRatioAt(strokeLength(setup), machine.limits.strokeMm, machine.returnRatio);
}

/** The diameter whose rim moves as fast as the tool cuts in the mean of its stroke: N L (1 + 1/R) = pi D n. */
const strokeAsDiameter = (setup: CutSetup): number => (strokeLength(setup) * (1 + 1 / strokeReturnRatio(setup))) / Math.PI;

/** What a machine does in a minute in this operation, and what its feed is counted by. */
export const speedUnit = ({ operation }: Pick<CutSetup, 'operation'>): 'rpm' | 'strokes/min' => (OPERATIONS[operation].turns === 'stroke' ? 'strokes/min' : 'rpm');
export const feedPer = ({ operation }: Pick<CutSetup, 'operation'>): 'rev' | 'stroke' => (OPERATIONS[operation].turns === 'stroke' ? 'stroke' : 'rev');

export const cuttingOf = ({ operation }: Pick<CutSetup, 'operation'>): Cutting => OPERATIONS[operation].cutting;

/** Width of the blade when none is said, mm. */
const USUAL_BLADE_MM = 2;
export const bladeWidth = ({ tool }: CutSetup): number => tool.bladeMm ?? USUAL_BLADE_MM;

/** A bar is as thick as its shank says, else as half the bore. */
export const barDiameter = ({ tool, workDiameterMm }: CutSetup): number => tool.shankMm ?? workDiameterMm / 2;

/** What is left for a reamer on the diameter: 0.1 mm and a hundredth of it. */
export const reamAllowance = (diameterMm: number): number => 0.1 + 0.01 * diameterMm;
