import type { ComparisonBody, ProvenBody, RunBody } from '@pike-stone/contract';
import { surfaceSpeed } from '@pike-stone/core';
import { netPower } from '@pike-stone/core/compare';
import { choiceOf, CUTS } from './cuts';
import { MACHINES } from './machines';
import { demoId } from './shop';
import { BUSH, CAP, PIN } from './trials';

/** Runs of trials, each with a story. */
export const RUNS: readonly RunBody[] = [
  {
    name: 'Turn Rail cap aluminium',
    cut: choiceOf(CAP).full,
    goal: 'chip',
    wanted: null,
    startedAt: '2026-10-28T08:05:00.000Z',
    finishedAt: null,
    ended: null,
    note: '',
  },
  {
    name: 'Turn Pump bush bronze',
    cut: choiceOf(BUSH).full,
    goal: 'finish',
    wanted: 1.6,
    startedAt: '2026-11-02T12:58:00.000Z',
    finishedAt: '2026-11-02T13:20:00.000Z',
    ended: 'met',
    note: '',
  },
  {
    name: 'Turn Pump shaft stainless',
    cut: choiceOf(PIN).full,
    goal: 'edge',
    wanted: null,
    startedAt: '2026-11-16T09:25:00.000Z',
    finishedAt: '2026-11-16T10:40:00.000Z',
    ended: 'met',
    note: '',
  },
];

/** The setting that was kept from the trial that was taken at a time. */
function provenFrom(takenAt: string, machine: number, keptAt: string): ProvenBody {
  const { speeds, feeds } = MACHINES[machine]!;
  const at = CUTS.findIndex((one) => one.takenAt === takenAt);
  const body = CUTS[at]!;
  const { set, names, diameterMm, operation } = body;
  const run = RUNS.find((_, i) => demoId(13, i + 1) === body.runId)!;
  return {
    name: run.name,
    cut: { ...run.cut, operation, rpmByHand: set.rpm, depthMm: set.depthMm, feedByHand: set.feedMmRev },
    set,
    diameterMm,
    steps: {
      speed: speeds.find(({ rpm }) => rpm === set.rpm)?.setting ?? '',
      feed: feeds.find(({ value }) => value === set.feedMmRev)?.setting ?? '',
      depth: '',
    },
    names,
    fromCutId: demoId(4, at + 1),
    keptAt,
    note: '',
  };
}

export const PROVEN: readonly ProvenBody[] = [
  provenFrom('2026-10-28T08:55:00.000Z', 1, '2026-10-28T09:05:00.000Z'),
  provenFrom('2026-11-02T13:15:00.000Z', 0, '2026-11-02T13:21:00.000Z'),
];

/** The cut of the comparison with one tool or the other. */
const shaftWith = (tool: string) =>
  choiceOf({
    machine: 1,
    stock: 0,
    tool,
    choice: { operation: 'turn', workDiameterMm: 50, stickOutMm: 60, fluid: 'dry', depthMm: 1.5 },
  }).full;
const SET = { rpm: 180, feedMmRev: 0.2, depthMm: 1.5 };
/** Currents that were read in turn, insert first: idle, then cut, A. */
const AMPS = [
  [2.31, 2.7],
  [2.32, 2.64],
  [2.3, 2.7],
  [2.31, 2.62],
  [2.32, 2.71],
  [2.31, 2.63],
  [2.31, 2.69],
  [2.3, 2.61],
] as const;
const GAUGE = {
  supply: 'three',
  method: 'quadrature',
  volts: 400,
  pfIdle: 0.28,
  pfCut: 0.7,
  efficiency: 0.7,
  resolutionA: 0.01,
  topA: 20,
} as const;
const wattsOf = ([idleA, cutA]: readonly [number, number]): number =>
  netPower(
    { ...GAUGE, idleA, cutA },
    { vcMPerMin: surfaceSpeed(SET.rpm, 50), feedMm: SET.feedMmRev, depthMm: SET.depthMm },
  ).netPowerW;

/** Coated insert against high speed steel on the winch shaft, by the motor's current. */
export const COMPARISONS: readonly ComparisonBody[] = [
  {
    name: 'Turn Winch shaft bar',
    what: 'tool',
    measure: 'power',
    a: shaftWith('Coated insert 0.8'),
    b: shaftWith('HSS knife tool'),
    setA: SET,
    setB: SET,
    diameterMm: 50,
    gauge: GAUGE,
    equal: ['warm', 'edges', 'overhang', 'piece', 'diameter', 'fluid', 'geometry'],
    readings: AMPS.map((amps, i) => ({
      id: demoId(16, i + 1),
      side: i % 2 === 0 ? 'a' : 'b',
      at: `2026-11-20T14:${String(2 + 3 * i).padStart(2, '0')}:00.000Z`,
      value: Number(wattsOf(amps).toFixed(1)),
      idleA: amps[0],
      cutA: amps[1],
    })),
    matters: 10,
    startedAt: '2026-11-20T14:00:00.000Z',
    note: '',
  },
];
