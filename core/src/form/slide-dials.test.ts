import { ROUNDED_STEP } from '../profile/profile.fixture';
import { dialStops } from './slide-dials';
import { slideStops } from './slide-table';

describe('dials of a slide table', () => {
  const dial = { turnMm: 4, marks: 80 };
  const { stops } = slideStops(ROUNDED_STEP, 1, 0.01);
  const read = dialStops(stops, dial, dial);

  it('are read from the first stop, no farther off than half a mark', () => {
    expect(read.stops[0]).toMatchObject({ xMm: 0, yMm: 0 });
    read.stops.forEach(({ xMm, yMm, y }, i) => {
      expect(Math.abs(xMm - (stops[i]![0] - stops[0]![0]))).toBeLessThanOrEqual(0.025 + 1e-9);
      expect(Math.abs(yMm - (stops[i]![1] - stops[0]![1]))).toBeLessThanOrEqual(0.025 + 1e-9);
      expect((y.turns + y.mark / 80) * 4).toBeCloseTo(yMm, 9);
    });
    expect(read.roundingMm).toBeCloseTo(0.0354, 4);
  });

  it('say where a slide turns back, so that its play is taken up', () => {
    expect(read.stops.some(({ xTurnsBack, yTurnsBack }) => xTurnsBack || yTurnsBack)).toBe(false);
    const there = dialStops(
      [
        [0, 0],
        [0, 1],
        [1, 2],
        [2, 1],
      ],
      dial,
      dial,
    ).stops;
    expect(there.map(({ yTurnsBack }) => yTurnsBack)).toEqual([false, false, false, true]);
  });

  it('refuse a dial without marks', () =>
    expect(() => dialStops(stops, { turnMm: 4, marks: 0 }, dial)).toThrow('marks'));
});
