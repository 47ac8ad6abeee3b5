import fc from 'fast-check';
import { bestOf, GOALS, isUntold, meets, PUSH, troubles, type Trial } from './goal';
import { SIGN_KEYS, SIGNS, type SignKey } from './sign-rows';
import { trial as anyTrial } from './trial.fixture';

const trial = (signs: readonly SignKey[], more: Partial<Trial> = {}): Trial =>
  anyTrial(signs, { outcome: 'worked', ...more });

describe('a goal is met', () => {
  it.each([
    ['chip', ['good-arcs'], null, true],
    ['chip', [], null, false],
    ['chip', ['good-arcs', 'feed-threads'], null, true],
    ['chip', ['good-arcs', 'crater'], null, false],
    ['finish', ['hiss-crackle'], null, true],
    ['finish', ['feed-threads'], null, false],
    ['finish', ['squeal'], null, true],
    ['finish', ['long-ribbon'], null, false],
    ['load', ['hiss-crackle'], null, true],
    ['load', ['handwheel-hard'], null, false],
    ['load', ['feed-threads'], null, true],
    ['edge', ['flank-even'], null, true],
    ['edge', ['flank-fast'], null, false],
    ['time', ['hiss-crackle'], null, false],
  ] as const)('%s, with %j seen: %j wanted, %s', (goal, signs, wanted, is) =>
    expect(meets(goal, trial(signs), wanted)).toBe(is),
  );

  it('never by a cut that did not work, unless it was measured', () => {
    for (const goal of GOALS)
      expect(meets(goal, trial(['good-arcs'], { outcome: 'so-so' }), null)).toBe(false);
    expect(meets('finish', trial([], { outcome: 'so-so', raUm: 1.6 }), 1.6)).toBe(true);
  });

  it('by the measure alone, where one was wanted', () => {
    expect(meets('finish', trial(['feed-threads'], { raUm: 1.6 }), 1.6)).toBe(true);
    expect(meets('finish', trial(['hiss-crackle'], { raUm: 1.61 }), 1.6)).toBe(false);
    expect(meets('finish', trial(['hiss-crackle']), 1.6)).toBe(false);
    expect(meets('load', trial([], { netPowerW: 200 }), 200)).toBe(true);
    expect(meets('load', trial([], { netPowerW: 201 }), 200)).toBe(false);
  });
});

it('what tells of a goal: the shape of the chip, or the measure that was wanted', () => {
  expect(isUntold('chip', trial(['chip-straw']), null)).toBe(true);
  expect(isUntold('chip', trial(['long-ribbon']), null)).toBe(false);
  expect(isUntold('finish', trial([]), 1.6)).toBe(true);
  expect(isUntold('finish', trial([], { raUm: 3 }), 1.6)).toBe(false);
  expect(isUntold('load', trial([], { raUm: 3 }), 200)).toBe(true);
  expect(isUntold('load', trial([]), null)).toBe(false);
  expect(isUntold('edge', trial([]), null)).toBe(false);
});

it('trouble is every sign but those that say to keep it, and that it could be quicker', () =>
  expect(troubles(trial(SIGN_KEYS))).toEqual(SIGN_KEYS.filter((key) => SIGNS[key].priority !== 5)));

describe('the best trial', () => {
  const at = (feedMmRev: number, more: Partial<Trial> = {}, signs: readonly SignKey[] = ['good-arcs']) =>
    trial(signs, { setting: { rpm: 250, feedMmRev, depthMm: 1 }, ...more });

  it('is that with most metal a minute, of those that were clean', () => {
    expect(bestOf('time', [at(0.1), at(0.2), at(0.3, {}, ['chatter-marks'])], null)).toBe(1);
    expect(bestOf('time', [at(0.3, { outcome: 'so-so' }), at(0.1)], null)).toBe(1);
    expect(bestOf('time', [at(0.3, { outcome: 'so-so' })], null)).toBeNull();
  });

  it('is the smoothest or the lightest, where it was measured', () => {
    expect(bestOf('finish', [at(0.1, { raUm: 2 }), at(0.2, { raUm: 1.2 }), at(0.3, { raUm: 3 })], 1.6)).toBe(
      1,
    );
    expect(bestOf('load', [at(0.1, { netPowerW: 90 }), at(0.2, { netPowerW: 120 })], 100)).toBe(0);
  });

  it('is the later of two that are as good', () => expect(bestOf('chip', [at(0.1), at(0.1)], null)).toBe(1));

  it('is always one that was taken, and none where none serves', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...GOALS),
        fc.array(
          fc.record({
            signs: fc.subarray(SIGN_KEYS, { maxLength: 2 }),
            outcome: fc.constantFrom('worked' as const, 'so-so' as const, 'did-not-work' as const),
          }),
          { maxLength: 6 },
        ),
        (goal, list) => {
          const trials = list.map(({ signs, outcome }) => trial(signs, { outcome }));
          const best = bestOf(goal, trials, null);
          if (best === null) for (const one of trials) expect(meets(goal, one, null)).toBe(false);
          else expect(trials[best]!.outcome).toBe('worked');
        },
      ),
    ));
});

it('what is tried for a goal goes the way that it says', () => {
  for (const [, direction, factor] of Object.values(PUSH).flat())
    expect(direction === 'more' ? factor > 1 : factor < 1).toBe(true);
});
