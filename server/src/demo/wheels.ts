import type { SharpeningBody, WheelEntryBody } from '@pike-stone/contract';
import { demoId } from './shop';
import { WHEEL } from './supplies';

type Facts = Readonly<Record<string, unknown>> & { readonly diameterMm: number };

const entry = (day: string, wheelId: string, act: WheelEntryBody['act'], facts: Facts): unknown => ({
  at: `${day}T07:30:00.000Z`,
  wheelId,
  act,
  note: '',
  ...facts,
});

const dressed = (
  day: string,
  wheelId: string,
  diameterMm: number,
  facts: Readonly<Record<string, unknown>> = {},
): unknown =>
  entry(day, wheelId, 'dressed', { diameterMm, how: 'diamond', why: 'routine', depthMm: 0.06, ...facts });

const MOUNTED = { ringTest: 'clear', restGapMm: 2, tongueGapMm: 5, ranUp: true } as const;

/** The dress book of the demo shop's wheels. */
export const WHEEL_BOOK: readonly unknown[] = [
  entry('2026-02-02', WHEEL.grey, 'mounted', { diameterMm: 150, ...MOUNTED }),
  entry('2026-02-02', WHEEL.grey, 'rest-set', { diameterMm: 150, tiltDeg: 6, heightMm: 5 }),
  dressed('2026-03-16', WHEEL.grey, 147, { how: 'diamond-then-star' }),
  dressed('2026-04-27', WHEEL.grey, 144.5, {
    how: 'diamond-then-star',
    why: 'grooved',
    depthMm: 0.3,
    note: 'A chisel was held in one place.',
  }),
  dressed('2026-06-08', WHEEL.grey, 141.2, { how: 'star-only', why: 'glazed', note: 'In a hurry.' }),
  entry('2026-05-04', WHEEL.white, 'mounted', { diameterMm: 150, ...MOUNTED, restGapMm: 2.5 }),
  entry('2026-05-04', WHEEL.white, 'rest-set', { diameterMm: 150, tiltDeg: 8, heightMm: 3 }),
  dressed('2026-06-10', WHEEL.white, 147.2, { why: 'loaded', note: 'Brass had been on it.' }),
  entry('2026-09-21', WHEEL.white, 'measured', { diameterMm: 146 }),
  dressed('2026-08-31', WHEEL.post, 60),
];

/** Sharpenings of the demo shop: the 20 mm cutter twice. */
export const SHARPENINGS: readonly SharpeningBody[] = [
  {
    name: 'HSS end mill 20, 4 flutes',
    toolId: demoId(3, 19),
    what: 'end-teeth',
    startedAt: '2026-08-31T13:05:00.000Z',
    finishedAt: '2026-08-31T14:02:00.000Z',
    wheelId: WHEEL.post,
    endTeeth: {
      diameterMm: 19.8,
      teeth: 4,
      fluteMm: 44,
      hand: 'right',
      centreCutting: false,
      wear: 'worn-land',
      wearMm: 0.4,
      chipMm: 0,
      side: 'operator',
      reliefDeg: 6,
      secondDeg: 14,
      landMm: 1.4,
      dishDeg: 2,
      infeedMm: 0.02,
      sparkOut: 1,
      holes: null,
      travelMm: 50,
    },
    done: [],
    heightsMm: [0, 0.004, 0.007, 0.002],
    stockMm: 0.08,
    volumeMm3: 12,
    lengthAfterMm: 43.5,
    diameterAfterMm: 19.8,
    minutes: 57,
    note: 'Cuts as new.',
  },
  {
    name: 'Drill 8.5',
    toolId: demoId(3, 11),
    what: 'drill',
    startedAt: '2026-10-05T09:10:00.000Z',
    finishedAt: '2026-10-05T09:16:00.000Z',
    wheelId: WHEEL.white,
    endTeeth: null,
    done: [],
    heightsMm: [],
    stockMm: 0.5,
    volumeMm3: 25,
    lengthAfterMm: null,
    diameterAfterMm: null,
    minutes: 6,
    note: '',
  },
];
