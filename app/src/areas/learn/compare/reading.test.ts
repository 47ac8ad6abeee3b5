import { cutOf } from '../../cut/cut.fixture';
import { COMPARISON, readingsOf } from '../learn.fixture';
import { energyOf, intervalOf, powerOf, readAnew, simulatedA } from './reading';

/** Takes off 1000 mm³ a second-and-a-bit: π 40 × 250 × 0.12 × 1 / 60. */
const REMOVAL_MM3_S = (Math.PI * 40 * 250 * 0.12) / 60;

it('power is what the cut adds, as far as it reaches the cut', () => {
  // 100 V direct current, half of it at the cut.
  expect(powerOf(COMPARISON, 'a', 2, 5)).toBeCloseTo(150, 9);
  expect(
    powerOf({ ...COMPARISON, gauge: { ...COMPARISON.gauge, method: 'quadrature' } }, 'a', 2, 0.1),
  ).toBeNull();
});

it('energy is of each side’s own setting, and none is told before a reading', () => {
  const body = {
    ...COMPARISON,
    setB: { ...COMPARISON.setB, depthMm: 2 },
    readings: readingsOf([100, 300, 200]),
  };
  expect(energyOf(body, 'a')).toBeCloseTo(150 / REMOVAL_MM3_S, 9);
  expect(energyOf(body, 'b')).toBeCloseTo(300 / (2 * REMOVAL_MM3_S), 9);
  expect(energyOf(COMPARISON, 'a')).toBeNull();
});

it('another motor reads the same currents anew, and leaves what was no current', () => {
  const body = { ...COMPARISON, readings: readingsOf([[2, 5, 150], 80]) };
  expect(readAnew(body, { ...COMPARISON.gauge, volts: 200 }).map(({ value }) => value)).toEqual([300, 80]);
});

describe('the interval', () => {
  it('waits for two readings of each', () => {
    expect(intervalOf({ ...COMPARISON, readings: readingsOf([1, 2, 3]) })).toBeNull();
    expect(intervalOf({ ...COMPARISON, readings: readingsOf([1, 2, 3, 4]) })).not.toBeNull();
  });

  it('of equal currents is as wide as the ammeter’s step, not nothing', () => {
    const same = readingsOf([
      [2, 5, 150],
      [2, 5, 150],
      [2, 5, 150],
      [2, 5, 150],
    ]);
    const found = intervalOf({ ...COMPARISON, readings: same, matters: 0.01 })!;
    expect(found.difference).toBe(0);
    // A hundredth of an ampere is half a watt at the cut.
    expect(found.standardError).toBeCloseTo(Math.sqrt((0.5 ** 2 / 12) * (1 / 2 + 1 / 2)), 9);
    expect(found.verdict).toBe('no-difference-seen');
  });

  it('of surfaces judged by the plate is as wide as a grade, of measured ones as a hundredth', () => {
    const finish = (values: readonly number[]) =>
      intervalOf({ ...COMPARISON, measure: 'finish', readings: readingsOf(values), matters: 0.2 })!;
    // Twice judged alike is no proof that 1.6 and 3.2 differ; four times is.
    expect(finish([3.2, 1.6, 3.2, 1.6]).verdict).toBe('no-difference-seen');
    expect(finish([3.2, 1.6, 3.2, 1.6, 3.2, 1.6, 3.2, 1.6]).verdict).toBe('a-higher');
    expect(finish([3.2, 1.61, 3.2, 1.61]).smallestSeen).toBeLessThan(0.05);
  });

  it('of typed watts has no step, of chips a whole grade', () => {
    const typed = readingsOf([100, 100, 100, 100]);
    expect(intervalOf({ ...COMPARISON, readings: typed })!.smallestSeen).toBe(0);
    expect(intervalOf({ ...COMPARISON, measure: 'chip', readings: typed })!.smallestSeen).toBeGreaterThan(
      0.5,
    );
  });
});

it('the simulated ammeter shows what the forecast of the side draws', () => {
  const { setup, plan, rules } = cutOf();
  const body = { ...COMPARISON, gauge: { ...COMPARISON.gauge, resolutionA: 0.001 } };
  const [light, heavy] = [0.5, 2].map((depthMm) =>
    simulatedA({ ...body, setA: { ...body.setA, depthMm } }, { setup, plan, rules }, 'a')!,
  );
  expect(light!).toBeGreaterThan(2.1);
  expect(heavy!).toBeGreaterThan(light!);
  const [lightW, heavyW] = [light!, heavy!].map((amps) => powerOf(body, 'a', 2.1, amps)!);
  expect(heavyW! / lightW!).toBeGreaterThan(3);
});
