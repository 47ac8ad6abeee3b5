import fc from 'fast-check';
import { dialReading, type Dial } from './dial';
import { handFeed } from './hand-feed';
import { chooseRung } from './rung-choice';
import { surfaceSpeed } from '../mechanics/spindle-speed';
import { diameterWindow, servedDiameters, speedSeries } from './speed-series';

const rungs = fc.uniqueArray(fc.integer({ min: 20, max: 4_000 }), { minLength: 1, maxLength: 16 });
const target = fc.double({ min: 5, max: 10_000, noNaN: true });

describe('choosing a step', () => {
  const belt = [70, 130, 210, 410];

  it('follows the rule', () => {
    expect(chooseRung(belt, 382, 'overshoot').chosenRpm).toBe(410);
    expect(chooseRung(belt, 382, 'not-above').chosenRpm).toBe(210);
    expect(chooseRung(belt, 350, 'nearest').chosenRpm).toBe(410);
    expect(chooseRung(belt, 300, 'overshoot').chosenRpm).toBe(210);
  });

  it('says when the machine is too fast or too slow', () => {
    expect(chooseRung(belt, 30)).toMatchObject({
      chosenRpm: 70,
      machineTooFast: true,
      belowRpm: null,
      aboveRpm: 70,
    });
    expect(chooseRung(belt, 900)).toMatchObject({
      chosenRpm: 410,
      machineTooSlow: true,
      belowRpm: 410,
      aboveRpm: null,
    });
  });

  it('always takes a step the machine has, and never one above the rule unless there is none', () => {
    fc.assert(
      fc.property(
        rungs,
        target,
        fc.constantFrom('not-above' as const, 'overshoot' as const),
        (steps, wanted, rule) => {
          const { chosenRpm, machineTooFast } = chooseRung(steps, wanted, rule);
          const limit = wanted * (rule === 'overshoot' ? 1.1 : 1) * (1 + 1e-9);
          return (
            steps.includes(chosenRpm)
            && (machineTooFast ? chosenRpm === Math.min(...steps) && chosenRpm > limit : chosenRpm <= limit)
          );
        },
      ),
    );
  });

  it('takes no slower step for a faster aim', () => {
    fc.assert(
      fc.property(
        rungs,
        target,
        fc.constantFrom('not-above' as const, 'overshoot' as const, 'nearest' as const),
        (steps, wanted, rule) =>
          chooseRung(steps, wanted * 1.2, rule).chosenRpm >= chooseRung(steps, wanted, rule).chosenRpm,
      ),
    );
  });

  it('refuses a machine without speeds', () =>
    expect(() => chooseRung([], 100)).toThrow('number of speeds must be 1 or more, got 0'));
});

describe('dials and wheels', () => {
  const dial: Dial = { travelPerTurnMm: 4, divisions: 80, reads: 'radius', backlashMm: 0.2 };

  it('lands where the collar will stand', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 20, noNaN: true }),
        fc.integer({ min: 0, max: 79 }),
        (travel, start) => {
          const { endDivision, wholeTurns, extraDivisions, totalDivisions } = dialReading(
            dial,
            travel,
            start,
          );
          return (
            endDivision >= 0
            && endDivision < 80 + 1e-9
            && Math.abs(wholeTurns * 80 + extraDivisions - totalDivisions) < 1e-6
          );
        },
      ),
    );
  });

  it('needs the same divisions whichever way it is marked', () => {
    expect(dialReading({ ...dial, reads: 'diameter' }, 1).totalDivisions).toBe(
      dialReading(dial, 1).totalDivisions,
    );
    expect(dialReading({ ...dial, reads: 'diameter' }, 1).divisionMarkedMm).toBe(0.1);
  });

  it('winds the backlash out when the sense changes', () =>
    expect(dialReading(dial, 1, 0, true).totalDivisions).toBeCloseTo(24, 9));

  it('says how fast to wind', () =>
    expect(handFeed(95, 2.5, 125)).toMatchObject({
      secondsPerTurn: expect.closeTo(1.579, 3),
      turnsPerMin: 38,
    }));
});

describe('the speeds as a series', () => {
  it('finds the gap between back gear and direct', () => {
    expect(speedSeries([42, 70, 118, 265, 440, 745])).toMatchObject({
      largestGapRpm: [118, 265],
      gapsOverLimit: 5,
    });
    expect(speedSeries([100, 141, 200]).gapsOverLimit).toBe(0);
  });

  it('needs two speeds to see one', () =>
    expect(() => speedSeries([100])).toThrow('number of speeds must be 2 or more, got 1'));

  it('knows every diameter no step can cut properly, and only those', () => {
    const band = fc.record({
      low: fc.double({ min: 5, max: 200, noNaN: true }),
      width: fc.double({ min: 1.1, max: 3, noNaN: true }),
      d: fc.double({ min: 0.5, max: 2_000, noNaN: true }),
    });
    fc.assert(
      fc.property(rungs, band, (unsorted, { low, width, d }) => {
        const steps = [...unsorted].sort((a, b) => a - b);
        const { fromMm, toMm, holesMm } = servedDiameters(steps, low, low * width);
        const said = d >= fromMm && d <= toMm && !holesMm.some(([from, to]) => d > from && d < to);
        return (
          said === steps.some((rpm) => surfaceSpeed(rpm, d) >= low && surfaceSpeed(rpm, d) <= low * width)
        );
      }),
      { numRuns: 1_000 },
    );
  });

  it('says which diameters a band of cutting speed reaches', () => {
    const { diameterMinMm, diameterMaxMm } = diameterWindow(42, 745, 20, 30);
    expect(diameterMinMm).toBeCloseTo(8.55, 2);
    expect(diameterMaxMm).toBeCloseTo(227.4, 1);
  });
});
