import type { CutBody } from '@pike-stone/contract';
import type { Parameter, SignKey } from '@pike-stone/core/learn';
import type { Taken } from './taken';

type OfRun = Pick<Taken, 'machine' | 'stock' | 'tool' | 'choice'>;

/** A ribbon in aluminium that no feed would break, until a breaker was ground. */
export const CAP: OfRun = {
  machine: 1,
  stock: 9,
  tool: 'Polished ground insert 0.4',
  choice: { operation: 'turn', workDiameterMm: 45, stickOutMm: 60, depthMm: 1 },
};
/** A bronze bush that sang. */
export const BUSH: OfRun = {
  machine: 0,
  stock: 3,
  tool: 'Polished ground insert 0.4',
  choice: { operation: 'turn', workDiameterMm: 60, stickOutMm: 70, fluid: 'dry' },
};
/** A stainless pin that ate high speed steel. */
export const PIN: OfRun = {
  machine: 0,
  stock: 5,
  tool: 'HSS knife tool',
  choice: { operation: 'turn', workDiameterMm: 30, stickOutMm: 50 },
};

/** What was changed before a trial, what was seen at it, and what else is known of it. */
interface More {
  readonly changed?: Parameter;
  readonly better?: true;
  readonly measured?: CutBody['measured'];
}
type Told = readonly [
  at: string,
  rpm: number,
  feedMmRev: number,
  outcome: CutBody['outcome'],
  signs: readonly SignKey[],
  remark: string,
  more?: More,
];

const trials = (run: number, of: OfRun, day: string, list: readonly Told[]): Taken[] =>
  list.map(
    ([at, rpm, feedMmRev, outcome, signs, remark, { changed = null, better, measured } = {}]): Taken => ({
      ...of,
      on: `${day}T${at}:00.000Z`,
      set: { rpm, feedMmRev },
      outcome,
      remark,
      ...(measured && { measured }),
      trial: { run, changed, signs, ...(better && { better }) },
    }),
  );

/** The trials of the demo's runs, and the cuts that came of them. */
export const TRIALS: readonly Taken[] = [
  ...trials(1, CAP, '2026-10-28', [
    ['08:10', 1000, 0.1, 'did-not-work', ['long-ribbon'], 'Ribbon at once, right round the chuck guard.'],
    ['08:16', 1000, 0.125, 'did-not-work', ['long-ribbon'], '', { changed: 'feed' }],
    [
      '08:21',
      1000,
      0.16,
      'so-so',
      ['long-ribbon', 'feed-threads'],
      'No tighter. The feed is not what it needs.',
      { changed: 'feed' },
    ],
    [
      '08:55',
      1000,
      0.16,
      'worked',
      ['good-arcs', 'hiss-crackle'],
      'A step 0.8 wide ground behind the edge. Sixes and nines in the tray.',
      { changed: 'breaker', measured: { netPowerW: 310 } },
    ],
  ]),
  ...trials(1, CAP, '2026-11-06', [
    [
      '10:40',
      1000,
      0.16,
      'worked',
      ['good-arcs'],
      'Second cap, as the first.',
      { measured: { netPowerW: 324 } },
    ],
  ]),
  ...trials(2, BUSH, '2026-11-02', [
    [
      '13:02',
      440,
      0.05,
      'did-not-work',
      ['squeal', 'chatter-marks'],
      'Sang so that the office rang.',
      { measured: { raUm: 2.9 } },
    ],
    [
      '13:09',
      265,
      0.05,
      'so-so',
      ['squeal'],
      'Ripples gone, still a squeal.',
      { changed: 'speed', better: true, measured: { raUm: 2.2 } },
    ],
    [
      '13:15',
      265,
      0.08,
      'worked',
      ['hiss-crackle'],
      'Quiet. Fit for the seat.',
      { changed: 'feed', measured: { raUm: 1.4 } },
    ],
  ]),
  ...trials(3, PIN, '2026-11-16', [
    [
      '09:30',
      265,
      0.1,
      'did-not-work',
      ['flank-fast', 'chip-dark-blue'],
      'Edge gone after 40 mm.',
      { measured: { netPowerW: 190 } },
    ],
    [
      '09:48',
      118,
      0.1,
      'so-so',
      ['flank-fast', 'glazed-hard'],
      'Honed again. Lasted one pin, then rubbed.',
      { changed: 'speed', better: true },
    ],
    [
      '10:05',
      118,
      0.12,
      'so-so',
      ['flank-fast'],
      'Bites again. Three pins from an edge.',
      { changed: 'feed', better: true },
    ],
    [
      '10:31',
      70,
      0.12,
      'worked',
      ['flank-even', 'cut-too-slow'],
      'Slow, and the edge stands. For the next ten pins the coated insert on the long-bed lathe.',
      { changed: 'speed', measured: { netPowerW: 62, wearMm: 0.08 } },
    ],
  ]),
];
