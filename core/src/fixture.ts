import fc from 'fast-check';
import type { Machine } from './machine/machine';
import { MATERIALS } from './material/library';
import {
  MACHINE_OPERATIONS,
  OPERATION_KEYS,
  OPERATIONS,
  type CutSetup,
  type OperationKey,
} from './operation/registry';
import { misfits } from './plan/misfits';
import { TOOL_MATERIALS } from './tool/library';
import { rotates, type Tool, type ToolKind } from './tool/tool';

/** A tired belt lathe, a hand-fed mill and a few tools, for tests. */
export const BELT_LATHE: Machine = {
  kind: 'lathe',
  name: 'Belt lathe',
  condition: 'tired',
  light: false,
  speeds: [
    [42, 'Belt 1, in'],
    [70, 'Belt 2, in'],
    [118, 'Belt 3, in'],
    [265, 'Belt 1, out'],
    [440, 'Belt 2, out'],
    [745, 'Belt 3, out'],
  ].map(([rpm, setting]) => ({ rpm: Number(rpm), setting: String(setting) })),
  feeds: [0.05, 0.08, 0.1, 0.12, 0.19].map((value, i) => ({ value, setting: `Hole ${i + 1}` })),
  crossFeedRatio: 0.5,
  carriageWheel: { travelPerTurnMm: 18, divisions: 90 },
  crossSlide: { travelPerTurnMm: 2.5, divisions: 100, reads: 'radius', backlashMm: 0.3 },
  tailstockWheel: { travelPerTurnMm: 2.5, divisions: 100 },
};

export const HAND_MILL: Machine = {
  kind: 'vertical-mill',
  name: 'Knee mill',
  condition: 'ordinary',
  light: false,
  speeds: [85, 210, 640, 1010, 2450].map((rpm, i) => ({ rpm, setting: `Belt ${i + 1}` })),
  feeds: [],
  tableWheel: { travelPerTurnMm: 5, divisions: 100 },
  kneeDial: { travelPerTurnMm: 2.5, divisions: 125, reads: 'radius', backlashMm: 0.2 },
  quillWheel: { travelPerTurnMm: 2, divisions: 100 },
};

/** A small drill press whose handle is pulled by hand. */
export const DRILL_PRESS: Machine = {
  kind: 'drill-press',
  name: 'Drill press',
  condition: 'ordinary',
  light: false,
  speeds: [260, 520, 1000, 1900].map((rpm, i) => ({ rpm, setting: `Belt ${i + 1}` })),
  feeds: [],
  quillWheel: { travelPerTurnMm: 90, divisions: 90 },
};

/** A crank shaper with a ratchet feed. */
export const SHAPER: Machine = {
  kind: 'shaper',
  name: 'Shaper',
  condition: 'ordinary',
  light: false,
  speeds: [18, 32, 55, 95].map((rpm, i) => ({ rpm, setting: `Lever ${i + 1}` })),
  feeds: [0.15, 0.3, 0.45].map((value, i) => ({ value, setting: `Ratchet ${i + 1}` })),
  returnRatio: 1.6,
  limits: { strokeMm: 350 },
  tableWheel: { travelPerTurnMm: 4, divisions: 80 },
  toolSlide: { travelPerTurnMm: 2, divisions: 80, reads: 'radius', backlashMm: 0.15 },
};

/** The motor of a small machine. */
export const MOTOR = { powerKw: 0.55, phases: 1, efficiency: 0.7 } as const;

/** One of each kind. */
export const TOOLS: { readonly [K in ToolKind]: Extract<Tool, { readonly kind: K }> } = {
  'turning-tool': {
    kind: 'turning-tool',
    name: 'Knife tool',
    material: 'hss',
    dull: false,
    noseRadiusMm: 0.4,
    approachDeg: 90,
    cornerDeg: 80,
  },
  'boring-bar': {
    kind: 'boring-bar',
    name: 'Bar',
    material: 'hss',
    dull: false,
    noseRadiusMm: 0.4,
    approachDeg: 90,
    cornerDeg: 80,
    barMm: 12,
  },
  'parting-blade': { kind: 'parting-blade', name: 'Blade', material: 'hss', dull: false, widthMm: 2 },
  'threading-tool': {
    kind: 'threading-tool',
    name: 'Threading tool',
    material: 'hss',
    dull: false,
    noseRadiusMm: 0.1,
    threadAngleDeg: 60,
  },
  'form-tool': { kind: 'form-tool', name: 'Form tool', material: 'hss', dull: false, widthMm: 8, depthMm: 4 },
  'knurling-tool': { kind: 'knurling-tool', name: 'Knurl', material: 'hss', dull: false },
  file: { kind: 'file', name: 'File', material: 'carbon-steel', dull: false },
  drill: { kind: 'drill', name: 'Drill', material: 'hss', dull: false, diameterMm: 8.5 },
  'centre-drill': {
    kind: 'centre-drill',
    name: 'Centre drill',
    material: 'hss',
    dull: false,
    diameterMm: 3.15,
    bodyMm: 8,
  },
  reamer: { kind: 'reamer', name: 'Reamer', material: 'hss', dull: false, diameterMm: 8.5, teeth: 6 },
  'end-mill': {
    kind: 'end-mill',
    name: 'End mill',
    material: 'hss',
    dull: false,
    diameterMm: 12,
    teeth: 4,
    fluteLengthMm: 22,
  },
  'face-mill': {
    kind: 'face-mill',
    name: 'Face mill',
    material: 'hss',
    dull: false,
    diameterMm: 50,
    teeth: 4,
    fluteLengthMm: 22,
    noseRadiusMm: 0.4,
    approachDeg: 45,
  },
  'fly-cutter': {
    kind: 'fly-cutter',
    name: 'Fly cutter',
    material: 'hss',
    dull: false,
    diameterMm: 80,
    teeth: 1,
    noseRadiusMm: 0.4,
    approachDeg: 90,
  },
  'slitting-saw': {
    kind: 'slitting-saw',
    name: 'Saw',
    material: 'hss',
    dull: false,
    diameterMm: 80,
    teeth: 48,
    thicknessMm: 1.6,
  },
  'form-cutter': {
    kind: 'form-cutter',
    name: 'Form cutter',
    material: 'hss',
    dull: false,
    diameterMm: 60,
    teeth: 14,
    widthMm: 6,
    depthMm: 5,
  },
  't-slot-cutter': {
    kind: 't-slot-cutter',
    name: 'T-slot cutter',
    material: 'hss',
    dull: false,
    diameterMm: 25,
    teeth: 6,
    headHeightMm: 11,
  },
  'dovetail-cutter': {
    kind: 'dovetail-cutter',
    name: 'Dovetail cutter',
    material: 'hss',
    dull: false,
    diameterMm: 25,
    teeth: 8,
    angleDeg: 60,
    slantHeightMm: 10,
  },
};
export const INSERT = {
  ...TOOLS['turning-tool'],
  name: 'Insert',
  material: 'carbide-coated',
  noseRadiusMm: 0.8,
  approachDeg: 95,
} as const;
export const DRILL = TOOLS.drill;
export const END_MILL = TOOLS['end-mill'];

/** The tool of an operation as it lies in the drawer. */
const toolFor = (operation: OperationKey): Tool => TOOLS[OPERATIONS[operation].tool];

/** The machine an operation is usually done on. */
const machineFor = (operation: OperationKey): Machine =>
  [BELT_LATHE, SHAPER, HAND_MILL].find(({ kind }) => MACHINE_OPERATIONS[kind].includes(operation))
  ?? HAND_MILL;

/**
 * A 25 mm bright bar, turned with the knife tool on the belt lathe; another operation
 * with the tool and on the machine it is usually done with; and whatever is different.
 */
export const setup = (more: Partial<CutSetup> = {}): CutSetup => ({
  machine: machineFor(more.operation ?? 'turn'),
  operation: 'turn',
  stock: { name: 'Bar', materialKey: 'low-carbon-cold-drawn', uncertain: false, skinMm: 0 },
  tool: toolFor(more.operation ?? 'turn'),
  workDiameterMm: 25,
  stickOutMm: 40,
  support: 'chuck',
  fluid: 'brush',
  interrupted: false,
  firstPassOnSkin: false,
  depthMm: null,
  widthMm: null,
  rpmByHand: null,
  feedByHand: null,
  ...more,
});

const positive = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const length = positive(0.5, 500);
const nose = positive(0.05, 30);

/** Sizes of any tool, as far as the forms take them; each kind takes those that it has. */
const anySizes = (largestMm: number) =>
  fc.record({
    diameterMm: positive(0.2, largestMm),
    teeth: fc.integer({ min: 1, max: 60 }),
    fluteLengthMm: length,
    noseRadiusMm: nose,
    approachDeg: positive(15, 120),
    cornerDeg: positive(20, 170),
    depthMm: length,
    slantHeightMm: length,
  });

/** The tool with those of the sizes that it has. */
const resized = (tool: Tool, sizes: Readonly<Record<string, number>>): Tool => ({
  ...tool,
  ...Object.fromEntries(Object.entries(sizes).filter(([name]) => name in tool)),
});

/** Everything of a tool so many times as large. */
export const scaled = (tool: Tool, times: number): Tool =>
  rotates(tool)
    ? resized(tool, {
        diameterMm: tool.diameterMm * times,
        ...(tool.kind === 'centre-drill' && tool.bodyMm !== undefined && { bodyMm: tool.bodyMm * times }),
      })
    : tool;

/** The largest that the forms accept. */
const LARGEST = { workMm: 3_000, stickOutMm: 5_000, cutterMm: 500, depthMm: 500 } as const;

/** Any cut that can be set up on one of these machines. */
export const anySetup = (
  machines: readonly Machine[] = [BELT_LATHE, HAND_MILL, SHAPER],
  largest: Readonly<Record<keyof typeof LARGEST, number>> = LARGEST,
): fc.Arbitrary<CutSetup> => anyForm(machines, largest).filter((one) => misfits(one).length === 0);

/** Any cut that the forms accept on one of these machines, also of sizes that do not go together. */
export const anyForm = (
  machines: readonly Machine[] = [BELT_LATHE, HAND_MILL, SHAPER],
  largest: Readonly<Record<keyof typeof LARGEST, number>> = LARGEST,
): fc.Arbitrary<CutSetup> =>
  fc
    .constantFrom(...machines)
    .chain((machine) =>
      fc
        .constantFrom(...MACHINE_OPERATIONS[machine.kind])
        .chain((operation) =>
          fc.record({
            machine: fc
              .constantFrom('rigid' as const, 'ordinary' as const, 'tired' as const)
              .map((condition) => ({ ...machine, condition })),
            operation: fc.constant(operation),
            stock: fc.record({
              name: fc.constant('Any'),
              materialKey: fc.constantFrom(...MATERIALS.map((row) => row.key)),
              uncertain: fc.boolean(),
              skinMm: positive(0, 20),
            }),
            tool: fc
              .tuple(
                anySizes(largest.cutterMm),
                fc.constantFrom(...TOOL_MATERIALS.map((row) => row.key)),
                fc.boolean(),
              )
              .map(([sizes, material, dull]) => ({ ...resized(toolFor(operation), sizes), material, dull })),
            workDiameterMm: positive(0.5, largest.workMm),
            stickOutMm: positive(0.5, largest.stickOutMm),
            support: fc.constantFrom(
              'chuck' as const,
              'chuck-and-centre' as const,
              'between-centres' as const,
            ),
            fluid: fc.constantFrom('dry' as const, 'brush' as const, 'flood' as const),
            interrupted: fc.boolean(),
            firstPassOnSkin: fc.boolean(),
            depthMm: fc.option(positive(0.005, largest.depthMm)),
            widthMm: fc.option(positive(0.01, 500)),
            lengthMm: fc.option(positive(1, 200)),
            angleDeg: fc.option(positive(0.1, 80)),
            pitchMm: fc.option(positive(0.2, 6)),
            rpmByHand: fc.constant(null),
            feedByHand: fc.constant(null),
          }),
        ),
    );

/** Every operation once. */
export const EVERY_OPERATION: readonly OperationKey[] = OPERATION_KEYS;
