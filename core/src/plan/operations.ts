import type { CutterUse } from '../cut/feed-per-tooth';
import type { ForceOperation } from '../cut/specific-force';
import type { MachineKind } from '../machine/machine';
import type { SpeedOperation } from '../material/material';
import type { ToolMaterialKey } from '../tool/tool-material';

export const OPERATION_KEYS = [
  'turn',
  'face',
  'shoulder',
  'bore',
  'drill',
  'centre-drill',
  'ream',
  'part',
  'groove',
  'thread',
  'knurl',
  'form',
  'chamfer',
  'taper',
  'file',
  'shape',
  'mill-side',
  'mill-slot',
  'plunge',
  'ramp',
  'face-mill',
  'fly-cut',
  'saw',
  'mill-bore',
  'form-mill',
  't-slot',
  'dovetail',
] as const;
export type Operation = (typeof OPERATION_KEYS)[number];
export const TOOL_KINDS = [
  'turning-tool',
  'boring-bar',
  'parting-blade',
  'threading-tool',
  'form-tool',
  'knurling-tool',
  'file',
  'drill',
  'centre-drill',
  'reamer',
  'end-mill',
  'face-mill',
  'fly-cutter',
  'slitting-saw',
  'form-cutter',
  't-slot-cutter',
  'dovetail-cutter',
] as const;
export type ToolKind = (typeof TOOL_KINDS)[number];

/** How the edge takes the metal: decides which feed, depth and force belong to it. */
export type Cutting =
  'turning' | 'blade' | 'threading' | 'pressing' | 'filing' | 'drilling' | 'plunging' | 'reaming' | 'milling';

interface OperationFacts {
  readonly verb: string;
  readonly speedColumn: SpeedOperation;
  readonly tool: ToolKind;
  readonly cutter: CutterUse | null;
  /** What the diameter belongs to. */
  readonly turns: 'work' | 'cutter' | 'stroke';
  readonly cutting: Cutting;
  readonly force: ForceOperation;
  /** Which way it is fed. */
  readonly fed: 'along' | 'across' | 'tailstock' | 'compound';
  /** What stands out of its hold and gives way. */
  readonly overhang: 'work' | 'blade' | 'bar' | 'cutter' | null;
  /** The column its speed is read from, where that is not the tool's own. */
  readonly readAs?: ToolMaterialKey;
  /** Cuts with its whole width: the depth goes in from the rim. */
  readonly disc?: true;
}

const onLathe = { cutter: null, turns: 'work' } as const;
const turned = {
  ...onLathe,
  speedColumn: 'turning',
  tool: 'turning-tool',
  cutting: 'turning',
  force: 'turn-outside',
  fed: 'along',
  overhang: 'work',
} as const;
const plunged = {
  ...onLathe,
  speedColumn: 'parting',
  cutting: 'blade',
  force: 'groove',
  fed: 'across',
  overhang: 'blade',
} as const;
const bored = {
  ...onLathe,
  speedColumn: 'turning',
  tool: 'boring-bar',
  cutting: 'turning',
  force: 'bore',
  overhang: 'bar',
} as const;
const drilled = {
  speedColumn: 'drilling',
  cutter: null,
  turns: 'cutter',
  cutting: 'drilling',
  force: 'drill',
  fed: 'tailstock',
  overhang: null,
} as const;
const milled = {
  speedColumn: 'milling',
  turns: 'cutter',
  cutting: 'milling',
  force: 'mill',
  fed: 'along',
  overhang: 'cutter',
  tool: 'end-mill',
} as const;

/** What each operation reads from the tables and needs in the spindle. */
export const OPERATIONS: Readonly<Record<Operation, OperationFacts>> = {
  turn: { ...turned, verb: 'Turn' },
  face: { ...turned, verb: 'Face', force: 'face', fed: 'across' },
  shoulder: { ...turned, verb: 'Turn to a shoulder' },
  taper: { ...turned, verb: 'Turn a taper' },
  bore: { ...bored, verb: 'Bore', fed: 'along' },
  drill: { ...drilled, verb: 'Drill', tool: 'drill' },
  'centre-drill': { ...drilled, verb: 'Centre-drill', tool: 'centre-drill' },
  ream: { ...drilled, verb: 'Ream', speedColumn: 'reaming', tool: 'reamer', cutting: 'reaming' },
  part: { ...plunged, verb: 'Part off', tool: 'parting-blade', force: 'part' },
  groove: { ...plunged, verb: 'Groove', tool: 'parting-blade' },
  form: { ...plunged, verb: 'Form-turn', tool: 'form-tool' },
  chamfer: { ...plunged, verb: 'Chamfer', tool: 'turning-tool', overhang: 'work' },
  thread: {
    ...onLathe,
    verb: 'Cut a thread on',
    speedColumn: 'threading',
    tool: 'threading-tool',
    cutting: 'threading',
    force: 'groove',
    fed: 'along',
    overhang: 'work',
  },
  knurl: {
    ...onLathe,
    verb: 'Knurl',
    speedColumn: 'threading',
    tool: 'knurling-tool',
    cutting: 'pressing',
    force: 'turn-outside',
    fed: 'along',
    overhang: 'work',
    readAs: 'hss',
  },
  file: {
    ...onLathe,
    verb: 'File and polish',
    speedColumn: 'turning',
    tool: 'file',
    cutting: 'filing',
    force: 'turn-outside',
    fed: 'along',
    overhang: 'work',
    readAs: 'hss',
  },
  shape: {
    verb: 'Shape',
    speedColumn: 'turning',
    tool: 'turning-tool',
    cutter: null,
    turns: 'stroke',
    cutting: 'turning',
    force: 'shape',
    fed: 'along',
    overhang: null,
  },
  'mill-side': { ...milled, verb: 'Side-mill', cutter: 'end-mill-side' },
  'mill-slot': { ...milled, verb: 'Slot', cutter: 'end-mill-slot' },
  plunge: {
    ...milled,
    verb: 'Plunge',
    cutter: 'plunge',
    cutting: 'plunging',
    force: 'drill',
    fed: 'tailstock',
  },
  ramp: { ...milled, verb: 'Ramp down into', cutter: 'end-mill-slot' },
  'face-mill': { ...milled, verb: 'Face-mill', tool: 'face-mill', cutter: 'face-mill', overhang: null },
  'fly-cut': { ...milled, verb: 'Fly-cut', tool: 'fly-cutter', cutter: 'fly-cutter', overhang: null },
  saw: { ...milled, verb: 'Saw', tool: 'slitting-saw', cutter: 'slitting-saw', overhang: null, disc: true },
  'mill-bore': { ...bored, verb: 'Bore', fed: 'tailstock' },
  'form-mill': {
    ...milled,
    verb: 'Form-mill',
    tool: 'form-cutter',
    cutter: 'form-or-gear',
    overhang: null,
    disc: true,
  },
  't-slot': { ...milled, verb: 'Cut a T-slot in', tool: 't-slot-cutter', cutter: 't-slot-or-dovetail' },
  dovetail: { ...milled, verb: 'Cut a dovetail in', tool: 'dovetail-cutter', cutter: 't-slot-or-dovetail' },
};

/** What it is called where no stock follows. */
export const operationName = (operation: Operation): string =>
  OPERATIONS[operation].verb.replace(/ (on|in|into)$/, '');

const MILLED: readonly Operation[] = [
  'mill-side',
  'mill-slot',
  'plunge',
  'ramp',
  'face-mill',
  'fly-cut',
  'saw',
  'drill',
  'centre-drill',
  'ream',
  'mill-bore',
  'form-mill',
  't-slot',
  'dovetail',
];
export const MACHINE_OPERATIONS: Readonly<Record<MachineKind, readonly Operation[]>> = {
  lathe: [
    'turn',
    'face',
    'shoulder',
    'bore',
    'drill',
    'centre-drill',
    'ream',
    'part',
    'groove',
    'chamfer',
    'thread',
    'taper',
    'knurl',
    'form',
    'file',
  ],
  'vertical-mill': MILLED,
  'horizontal-mill': [
    'face-mill',
    'mill-side',
    'mill-slot',
    'saw',
    'form-mill',
    'plunge',
    'ramp',
    'fly-cut',
    'drill',
    'centre-drill',
    'ream',
    'mill-bore',
    't-slot',
    'dovetail',
  ],
  'drill-press': ['drill', 'centre-drill', 'ream'],
  shaper: ['shape'],
};
