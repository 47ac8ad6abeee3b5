import fc from 'fast-check';
import { chooseRung } from './rung-choice';

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

  it('a step that is the target itself is at it, not above', () => {
    for (const rule of ['not-above', 'overshoot', 'nearest'] as const)
      expect(chooseRung(belt, 130, rule, 0)).toMatchObject({
        chosenRpm: 130,
        ratio: 1,
        belowRpm: 130,
        aboveRpm: 210,
        machineTooFast: false,
      });
    expect(chooseRung(belt, 410)).toMatchObject({ machineTooSlow: false, belowRpm: 410, aboveRpm: null });
  });

  it('takes the steps in any order', () =>
    expect(chooseRung([410, 70, 210, 130], 200, 'not-above')).toMatchObject({
      chosenRpm: 130,
      aboveRpm: 210,
    }));

  it('lets the speed overshoot by 10 % unless told', () =>
    expect(
      [chooseRung(belt, 192), chooseRung(belt, 190), chooseRung(belt, 190, 'overshoot', 11)].map(
        ({ chosenRpm }) => chosenRpm,
      ),
    ).toEqual([210, 130, 210]));

  it('of two steps equally near takes the slower', () => {
    expect(chooseRung([100, 400], 200, 'nearest').chosenRpm).toBe(100);
    expect(chooseRung([100, 400], 200.1, 'nearest').chosenRpm).toBe(400);
    expect(chooseRung([90, 160, 250], 200, 'nearest').chosenRpm).toBe(160);
  });

  it('refuses a speed of nothing, by name', () => {
    expect(() => chooseRung(belt, 0)).toThrow('target speed must be more than 0, got 0');
    expect(() => chooseRung([70, 0], 100)).toThrow('slowest speed must be more than 0, got 0');
  });
});
