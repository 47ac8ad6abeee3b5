import type { Taken } from './taken';

/** A ribbon in aluminium that no feed would break, until a breaker was ground. */
const CAP = {
  machine: 1,
  stock: 9,
  tool: 'Polished ground insert 0.4',
  choice: { operation: 'turn', workDiameterMm: 45, stickOutMm: 60, fluid: 'brush', depthMm: 1 },
} as const;
/** A bronze bush that sang. */
const BUSH = {
  machine: 0,
  stock: 3,
  tool: 'Polished ground insert 0.4',
  choice: { operation: 'turn', workDiameterMm: 60, stickOutMm: 70, fluid: 'dry' },
} as const;
/** A stainless pin that ate high speed steel. */
const PIN = {
  machine: 0,
  stock: 5,
  tool: 'HSS knife tool',
  choice: { operation: 'turn', workDiameterMm: 30, stickOutMm: 50, fluid: 'brush' },
} as const;

/** The trials of the demo's runs, and the cuts that came of them. */
export const TRIALS: readonly Taken[] = [
  {
    ...CAP,
    on: '2026-10-28T08:10:00.000Z',
    set: { rpm: 1000, feedMmRev: 0.1 },
    outcome: 'did-not-work',
    remark: 'Ribbon at once, right round the chuck guard.',
    trial: { run: 1, changed: null, signs: ['long-ribbon'] },
  },
  {
    ...CAP,
    on: '2026-10-28T08:16:00.000Z',
    set: { rpm: 1000, feedMmRev: 0.125 },
    outcome: 'did-not-work',
    remark: '',
    trial: { run: 1, changed: 'feed', signs: ['long-ribbon'] },
  },
  {
    ...CAP,
    on: '2026-10-28T08:21:00.000Z',
    set: { rpm: 1000, feedMmRev: 0.16 },
    outcome: 'so-so',
    remark: 'No tighter. The feed is not what it needs.',
    trial: { run: 1, changed: 'feed', signs: ['long-ribbon', 'feed-threads'] },
  },
  {
    ...CAP,
    on: '2026-10-28T08:55:00.000Z',
    set: { rpm: 1000, feedMmRev: 0.16 },
    outcome: 'worked',
    measured: { netPowerW: 310 },
    remark: 'A step 0.8 wide ground behind the edge. Sixes and nines in the tray.',
    trial: { run: 1, changed: 'breaker', signs: ['good-arcs', 'hiss-crackle'] },
  },
  {
    ...CAP,
    on: '2026-11-06T10:40:00.000Z',
    set: { rpm: 1000, feedMmRev: 0.16 },
    outcome: 'worked',
    measured: { netPowerW: 324 },
    remark: 'Second cap, as the first.',
    trial: { run: 1, changed: null, signs: ['good-arcs'] },
  },
  {
    ...BUSH,
    on: '2026-11-02T13:02:00.000Z',
    set: { rpm: 440, feedMmRev: 0.05 },
    outcome: 'did-not-work',
    remark: 'Sang so that the office rang.',
    measured: { raUm: 2.9 },
    trial: { run: 2, changed: null, signs: ['squeal', 'chatter-marks'] },
  },
  {
    ...BUSH,
    on: '2026-11-02T13:09:00.000Z',
    set: { rpm: 265, feedMmRev: 0.05 },
    outcome: 'so-so',
    remark: 'Ripples gone, still a squeal.',
    measured: { raUm: 2.2 },
    trial: { run: 2, changed: 'speed', better: true, signs: ['squeal'] },
  },
  {
    ...BUSH,
    on: '2026-11-02T13:15:00.000Z',
    set: { rpm: 265, feedMmRev: 0.08 },
    outcome: 'worked',
    remark: 'Quiet. Fit for the seat.',
    measured: { raUm: 1.4 },
    trial: { run: 2, changed: 'feed', signs: ['hiss-crackle'] },
  },
  {
    ...PIN,
    on: '2026-11-16T09:30:00.000Z',
    set: { rpm: 265, feedMmRev: 0.1 },
    outcome: 'did-not-work',
    measured: { netPowerW: 190 },
    remark: 'Edge gone after 40 mm.',
    trial: { run: 3, changed: null, signs: ['flank-fast', 'chip-dark-blue'] },
  },
  {
    ...PIN,
    on: '2026-11-16T09:48:00.000Z',
    set: { rpm: 118, feedMmRev: 0.1 },
    outcome: 'so-so',
    remark: 'Honed again. Lasted one pin, then rubbed.',
    trial: { run: 3, changed: 'speed', better: true, signs: ['flank-fast', 'glazed-hard'] },
  },
  {
    ...PIN,
    on: '2026-11-16T10:05:00.000Z',
    set: { rpm: 118, feedMmRev: 0.12 },
    outcome: 'so-so',
    remark: 'Bites again. Three pins from an edge.',
    trial: { run: 3, changed: 'feed', better: true, signs: ['flank-fast'] },
  },
  {
    ...PIN,
    on: '2026-11-16T10:31:00.000Z',
    set: { rpm: 70, feedMmRev: 0.12 },
    outcome: 'worked',
    measured: { netPowerW: 62, wearMm: 0.08 },
    remark: 'Slow, and the edge stands. For the next ten pins the coated insert on the long-bed lathe.',
    trial: { run: 3, changed: 'speed', signs: ['flank-even', 'cut-too-slow'] },
  },
];
