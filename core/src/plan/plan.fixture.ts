import type { Machine } from '../machine/machine';
import type { CutSetup, Tool } from './cut-setup';
import type { ToolKind } from './operations';

/** A tired belt lathe, a hand-fed mill and a few tools, for the tests of the plan. */
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
  ].map(([rpm, setting]) => ({ rpm: rpm as number, setting: setting as string })),
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

const tool = (more: Partial<Tool>): Tool => ({
  name: 'Tool',
  kind: 'turning-tool',
  material: 'hss',
  dull: false,
  diameterMm: 10,
  teeth: 4,
  fluteLengthMm: 22,
  noseRadiusMm: 0.4,
  approachDeg: 90,
  cornerDeg: 80,
  ...more,
});
const KNIFE = tool({ name: 'Knife tool' });
export const INSERT = tool({
  name: 'Insert',
  material: 'carbide-coated',
  noseRadiusMm: 0.8,
  approachDeg: 95,
});
export const DRILL = tool({ name: 'Drill', kind: 'drill', diameterMm: 8.5, teeth: 2 });
export const END_MILL = tool({ name: 'End mill', kind: 'end-mill', diameterMm: 12 });

/** One of each kind. */
export const TOOLS: Readonly<Record<ToolKind, Tool>> = {
  'turning-tool': KNIFE,
  'boring-bar': tool({ kind: 'boring-bar', shankMm: 12 }),
  'parting-blade': tool({ kind: 'parting-blade', bladeMm: 2 }),
  'threading-tool': tool({ kind: 'threading-tool', noseRadiusMm: 0.1, cornerDeg: 60 }),
  'form-tool': tool({ kind: 'form-tool', bladeMm: 8, fluteLengthMm: 4 }),
  'knurling-tool': tool({ kind: 'knurling-tool' }),
  file: tool({ kind: 'file', material: 'carbon-steel' }),
  drill: DRILL,
  'centre-drill': tool({ kind: 'centre-drill', diameterMm: 3.15, shankMm: 8, teeth: 2 }),
  reamer: { ...DRILL, kind: 'reamer', teeth: 6 },
  'end-mill': END_MILL,
  'face-mill': tool({ kind: 'face-mill', diameterMm: 50, approachDeg: 45 }),
  'fly-cutter': tool({ kind: 'fly-cutter', diameterMm: 80, teeth: 1 }),
  'slitting-saw': tool({ kind: 'slitting-saw', diameterMm: 80, teeth: 48, bladeMm: 1.6 }),
  'form-cutter': tool({ kind: 'form-cutter', diameterMm: 60, teeth: 14, bladeMm: 6, fluteLengthMm: 5 }),
  't-slot-cutter': tool({ kind: 't-slot-cutter', diameterMm: 25, teeth: 6, bladeMm: 11 }),
  'dovetail-cutter': tool({
    kind: 'dovetail-cutter',
    diameterMm: 25,
    teeth: 8,
    approachDeg: 60,
    fluteLengthMm: 10,
  }),
};

/** Turning 25 mm bright bar on the belt lathe with the knife tool, and whatever is different. */
export const setup = (more: Partial<CutSetup> = {}): CutSetup => ({
  machine: BELT_LATHE,
  operation: 'turn',
  stock: { name: 'Bar', materialKey: 'low-carbon-cold-drawn', uncertain: false, skinMm: 0 },
  tool: KNIFE,
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
