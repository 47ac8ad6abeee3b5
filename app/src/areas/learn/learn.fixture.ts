import { UNSAID_CHOICE, type ComparisonBody, type CutBody, type CutChoice } from '@pike-stone/contract';
import type { Shown } from '../../data/records';

/** A cut on the lathe of the fixture of Cut. */
export const CHOICE: CutChoice = {
  ...UNSAID_CHOICE,
  machineId: '0192f000-0001-7000-8000-000000000001',
  stockId: '0192f000-0002-7000-8000-000000000001',
  toolId: '0192f000-0003-7000-8000-000000000001',
  operation: 'turn',
  workDiameterMm: 40,
  stickOutMm: 60,
  depthMm: 1,
};

export const CUT: CutBody = {
  ...CHOICE,
  takenAt: '2026-11-02T10:00:00.000Z',
  names: { machine: 'Lathe', stock: 'Bar', tool: 'Knife tool' },
  diameterMm: 40,
  planned: { rpm: 250, feedMmRev: 0.12, depthMm: 1, setting: 'Belt 3', aimMPerMin: 30 },
  set: { rpm: 250, feedMmRev: 0.12, depthMm: 1 },
  outcome: 'worked',
  remark: '',
};
export const shownCut = (id: string, more: Partial<CutBody> = {}): Shown<'cuts'> => ({
  id,
  version: 1,
  archived: false,
  updatedAt: '2026-11-02T10:00:00.000Z',
  waiting: false,
  body: { ...CUT, ...more },
});

const SET = { rpm: 250, feedMmRev: 0.12, depthMm: 1 };

/** Two tools under one cut, by the motor's current. */
export const COMPARISON: ComparisonBody = {
  name: 'Turn Bar',
  what: 'tool',
  measure: 'power',
  a: CHOICE,
  b: { ...CHOICE, toolId: '0192f000-0003-7000-8000-000000000002' },
  setA: SET,
  setB: SET,
  diameterMm: 40,
  gauge: {
    supply: 'dc',
    method: 'dc',
    volts: 100,
    pfIdle: 0.28,
    pfCut: 0.7,
    efficiency: 0.5,
    resolutionA: 0.01,
    topA: null,
  },
  equal: [],
  readings: [],
  matters: 10,
  startedAt: '2026-11-02T09:00:00.000Z',
  note: '',
};
/** Readings in turn, A first; of currents, where they are pairs. */
export const readingsOf = (
  values: readonly (number | readonly [idleA: number, cutA: number, value: number])[],
): ComparisonBody['readings'] =>
  values.map((one, i) => {
    const [idleA, cutA, value] = typeof one === 'number' ? [null, null, one] : one;
    return {
      id: `0192f000-0016-7000-8000-0000000000${String(i).padStart(2, '0')}`,
      side: i % 2 === 0 ? 'a' : 'b',
      at: '2026-11-02T09:10:00.000Z',
      value,
      idleA,
      cutA,
    };
  });
