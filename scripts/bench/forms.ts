// Times of the geometry of forms, one process: what is printed are medians of many runs.
import {
  RACKS,
  inspectForm,
  outlineBetween,
  piecesWithin,
  shapeOf,
  steppedPoints,
  toothSpace,
  type PlanePoint,
} from '../../core/src/form';
import { GAUGE_SETS, gaugeStack } from '../../core/src/setting';

const RUNS = 25;
const POINTS = 500;

function median(work: () => unknown): number {
  work();
  const times = Array.from({ length: RUNS }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return times[RUNS >> 1]!;
}

const gear = { moduleMm: 1, teeth: 20, rack: RACKS['iso-53-a'], shift: 0 };
const { profile } = shapeOf({
  kind: 'gear',
  gear: { system: 'module', size: 1, teeth: 20, rack: 'iso-53-a', shift: 0 },
  formTeeth: 20,
});
const dense = steppedPoints(profile, 0.002);
const measured = Array.from({ length: POINTS }, (_, i): PlanePoint => {
  const [x, y] = dense[Math.floor((i * dense.length) / POINTS)]!;
  return [x * Math.cos(0.03) - y * Math.sin(0.03) + 5, x * Math.sin(0.03) + y * Math.cos(0.03) - 2];
});
const ring = Array.from({ length: 4000 }, (_, i): PlanePoint => [
  900 * Math.cos((i * Math.PI) / 2000),
  700 * Math.sin((i * Math.PI) / 2000),
]);
const ms = (value: number): string => `${value.toFixed(1)} ms`;

console.log(
  [
    `arcs of a tooth space to 1 µm: ${ms(median(() => toothSpace(gear, 0.001)))}`,
    `${POINTS} measured points on a form: ${ms(median(() => inspectForm(profile, { points: measured, fit: 'free', lowMm: -0.01, highMm: 0.01, doubtMm: 0.002 })))}`,
    `lines and arcs through ${POINTS} points to 5 µm: ${ms(median(() => piecesWithin(measured, 0.005)))}`,
    `an outline of 4000 pixels between two places: ${ms(median(() => outlineBetween([ring], [900, 10], [-900, 10])))}`,
    `six of 88 blocks exactly: ${ms(median(() => gaugeStack({ unit: 'mm', pieces: GAUGE_SETS['metric-88'].steps, target: 125.8825, tolerance: 0, wearPiece: null, mostPieces: 6 })))}`,
  ].join('\n'),
);
