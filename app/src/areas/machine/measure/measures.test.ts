import type { MachineBody } from '@pike-stone/contract';
import { combineMeasures } from '@pike-stone/core/drive';
import { farFromTable, fitQuestion, withAllSteps, withMeasuredSteps, type TakenMeasure } from './measures';

const machine = {
  kind: 'lathe',
  speeds: [
    { rpm: 100, setting: 'a' },
    { rpm: 200, setting: 'b' },
    { rpm: 400, setting: 'c' },
  ],
} as MachineBody;
const tapped = (step: number, rpm: number, uRel = 0.004): TakenMeasure => ({
  step,
  rpm,
  uRel,
  how: 'tapped',
});
const fitted = (taken: readonly TakenMeasure[]) => {
  const { relative, measures } = fitQuestion(machine, taken);
  return combineMeasures(relative, measures);
};
const ON = '2026-11-20T10:00:00.000Z';

test('one measured step takes the place of the old, the others stay', () => {
  expect(withMeasuredSteps(machine, [tapped(1, 193.24)], ON).speeds).toEqual([
    { rpm: 100, setting: 'a' },
    { rpm: 193.2, setting: 'b', measured: { how: 'tapped', uRel: 0.004, on: ON } },
    { rpm: 400, setting: 'c' },
  ]);
});

test('two measures of one step are averaged by their weight', () => {
  const [step] = withMeasuredSteps(machine, [tapped(0, 100, 0.01), tapped(0, 104, 0.01)], ON).speeds;
  expect(step).toMatchObject({ rpm: 102, measured: { uRel: expect.closeTo(0.01 / Math.SQRT2, 6) } });
});

test('all steps move by the same share', () => {
  expect(
    withAllSteps(machine, [tapped(1, 190)], ON, fitted([tapped(1, 190)])).speeds.map((step) => step.rpm),
  ).toEqual([95, 190, 380]);
  expect(
    withAllSteps(machine, [tapped(1, 190)], ON, fitted([tapped(1, 190)])).speeds.map((step) =>
      Boolean(step.measured),
    ),
  ).toEqual([false, true, false]);
});

test('steps stay in rising order when a measure overtakes its neighbour', () => {
  expect(withMeasuredSteps(machine, [tapped(0, 250)], ON).speeds.map((step) => step.setting)).toEqual([
    'b',
    'a',
    'c',
  ]);
});

test('a measure far from the table is questioned', () => {
  expect(farFromTable(machine, tapped(1, 205))).toBeNull();
  expect(farFromTable(machine, tapped(1, 400))).toBe(2);
});
