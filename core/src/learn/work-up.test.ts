import fc from 'fast-check';
import { BELT_LATHE, MOTOR, setup, SHAPER } from '../fixture';
import { cutPlan } from '../plan/cut-plan';
import { DEFAULT_RULES } from '../plan/rules';
import { planWith } from '../plan/sweep';
import { chipMap } from './chip-map';
import { GOALS, type Trial } from './goal';
import type { Setting } from './setting';
import type { SignKey } from './sign-rows';
import { trial as anyTrial } from './trial.fixture';
import { runState } from './work-up';

const LATHE = { ...BELT_LATHE, motor: { ...MOTOR, powerKw: 2.2 } };
const cut = setup({ machine: LATHE, workDiameterMm: 30 });
const plan = cutPlan(cut, DEFAULT_RULES);
const AT: Setting = { rpm: 265, feedMmRev: 0.08, depthMm: 1 };
const trial = (signs: readonly SignKey[], more: Partial<Trial> = {}): Trial =>
  anyTrial(signs, { setting: AT, outcome: signs.includes('good-arcs') ? 'worked' : 'so-so', ...more });

describe('a run', () => {
  const run = (
    trials: readonly Trial[],
    goal: (typeof GOALS)[number] = 'chip',
    wanted: number | null = null,
  ) => runState(cut, plan, DEFAULT_RULES, goal, wanted, trials);

  it('begins with the cut as it is set', () => expect(run([]).is).toBe('begin'));

  it('raises the feed while the chip is a ribbon, and stops when it breaks', () => {
    const first = run([trial(['long-ribbon'])]);
    expect(first).toMatchObject({ is: 'go-on', next: { parameter: 'feed', setting: { to: 0.1 } } });
    expect(run([trial(['long-ribbon']), trial(['good-arcs'], { changed: 'feed' })])).toMatchObject({
      is: 'met',
      best: 1,
    });
  });

  it('after two changes of one thing without effect it takes the next; one that helped does not count', () => {
    const twice = [
      trial(['long-ribbon']),
      trial(['long-ribbon'], { changed: 'feed' }),
      trial(['long-ribbon'], { changed: 'feed' }),
    ];
    expect(run(twice)).toMatchObject({ spent: ['feed'], next: { parameter: 'breaker' } });
    const helped = [...twice.slice(0, 2), { ...twice[2]!, better: true }];
    expect(run(helped)).toMatchObject({ spent: [], next: { parameter: 'feed' } });
  });

  it('stops for danger, and says when signs do not go together', () => {
    expect(run([trial(['ribbon-winding'])]).is).toBe('stop');
    expect(run([trial(['good-arcs', 'long-ribbon'])]).is).toBe('contradiction');
  });

  it('says what this machine does not have, and what else to change', () => {
    const at = { ...AT, rpm: 42 };
    const state = run([trial(['crater'], { setting: at })], 'edge');
    expect(state.blocked).toContainEqual({ parameter: 'speed', direction: 'less', why: 'no-step' });
    expect(state.next?.parameter).not.toBe('speed');
    const stuck = runState(cut, plan, DEFAULT_RULES, 'edge', null, [trial([], { setting: at })]);
    expect(stuck).toMatchObject({ is: 'stuck', instead: expect.arrayContaining(['fluid', 'tool-material']) });
  });

  it('ends a danger of the cut as it was set before anything else, and never goes on within it', () => {
    // 745 rpm on 30 mm is 70 m/min, the chart ends at 38; 265 rpm is 25.
    const fast = run([trial(['long-ribbon'], { setting: { ...AT, rpm: 745 } })]);
    expect(fast).toMatchObject({
      is: 'go-on',
      next: { parameter: 'speed', direction: 'less', ends: { code: 'too-fast' }, setting: { to: 265 } },
      blocked: expect.arrayContaining([{ parameter: 'feed', direction: 'more', why: 'danger' }]),
    });
    expect(run([trial(['long-ribbon'])]).next).not.toHaveProperty('ends');
  });

  it('asks for what tells of the goal before it changes anything', () => {
    expect(run([trial([])]).is).toBe('look');
    expect(run([trial([], { outcome: 'worked' })], 'finish', 1.6).is).toBe('look');
    expect(run([trial([], { outcome: 'worked' })], 'load', 200).is).toBe('look');
  });

  it('a wanted roughness is met by measuring it, and is not met by hope', () => {
    expect(run([trial(['hiss-crackle'], { raUm: 1.5, outcome: 'worked' })], 'finish', 1.6).is).toBe('met');
    expect(run([trial(['hiss-crackle'], { raUm: 2.5, outcome: 'worked' })], 'finish', 1.6)).toMatchObject({
      is: 'go-on',
      next: { parameter: 'feed', direction: 'less' },
    });
  });

  it('for the least time it goes on until trouble comes, and returns to the quickest without', () => {
    const good = trial(['cut-too-slow'], { outcome: 'worked' });
    expect(run([good], 'time')).toMatchObject({ is: 'go-on', next: { parameter: 'feed' } });
    const quicker = trial(['hiss-crackle'], { outcome: 'worked', setting: { ...AT, feedMmRev: 0.1 } });
    const tooMuch = trial(['chatter-marks'], { setting: { ...AT, feedMmRev: 0.19 } });
    expect(run([good, quicker, tooMuch], 'time')).toMatchObject({ is: 'met', best: 1 });
  });

  it('by itself a cut that went well is kept, one without signs says nothing', () => {
    expect(runState(cut, plan, DEFAULT_RULES, null, null, [trial(['good-arcs'])]).is).toBe('met');
    expect(runState(cut, plan, DEFAULT_RULES, null, null, [trial([])]).is).toBe('look');
  });

  it('ends: whatever is seen, some forty trials are enough', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...GOALS),
        fc.constantFrom<SignKey>('long-ribbon', 'squeal', 'handwheel-hard', 'flank-fast', 'feed-threads'),
        (goal, sign) => {
          const trials: Trial[] = [trial([sign])];
          for (let i = 0; i < 40; i += 1) {
            const state = run(trials, goal);
            if (state.is !== 'go-on') return;
            const setting = state.next!.setting?.setting ?? trials.at(-1)!.setting;
            trials.push(trial([sign], { setting, changed: state.next!.parameter }));
          }
          throw new Error('it went on and on');
        },
      ),
    ));
});

describe('the map behind a run', () => {
  it('is the chip to expect at each feed and depth, a thicker one further on', () => {
    const map = chipMap(cut, plan, [0.03, 0.5], [0.3, 4])!;
    expect(map.chips).toHaveLength(map.depthsMm.length);
    expect(map.feedsMmRev.every((feed, i) => i === 0 || feed > map.feedsMmRev[i - 1]!)).toBe(true);
    const breaking = ['arc-pieces', 'loose-bits', 'short-helix'];
    const first = map.chips
      .flatMap((row) => row.slice(0, 8))
      .filter((chip) => breaking.includes(chip)).length;
    const last = map.chips.flatMap((row) => row.slice(-8)).filter((chip) => breaking.includes(chip)).length;
    expect(last).toBeGreaterThanOrEqual(first);
  });

  it('there is none where the chip is not told', () => {
    const shaped = setup({ machine: SHAPER, operation: 'knurl', pitchMm: 1 });
    expect(chipMap({ ...shaped, machine: LATHE }, plan, [0.1, 0.2], [1, 2])).toBeNull();
  });
});

it('a plan brought to what the shop learned: speed and feed times the factor, and nothing beyond a limit', () => {
  const learned = {
    speed: { factor: 0.7, low: 0.6, high: 0.8, cuts: 9, machineCuts: 20 },
    feed: { factor: 1.1, low: 0.9, high: 1.3, cuts: 9, machineCuts: 20 },
  };
  const with_ = cutPlan({ ...cut, learned }, DEFAULT_RULES);
  expect(with_.speed.aimMPerMin).toBeCloseTo(0.7 * plan.speed.aimMPerMin, 9);
  expect(with_.speed.bandRpm[1]).toBeCloseTo(0.7 * plan.speed.bandRpm[1], 9);
  expect(with_.feed.factor).toBeCloseTo(1.1 * plan.feed.factor, 9);
  expect(cutPlan({ ...cut, learned: null }, DEFAULT_RULES)).toEqual(plan);
  const wild = { speed: { ...learned.speed, factor: 9 }, feed: null };
  expect(cutPlan({ ...cut, learned: wild }, DEFAULT_RULES).speed.aimMPerMin).toBeCloseTo(
    1.6 * plan.speed.aimMPerMin,
    9,
  );
  expect(planWith(with_, {}).speed.aimMPerMin).toBe(with_.speed.aimMPerMin);
});

it('what is not set at the machine is proposed once, even where it helped', () => {
  const ground = [
    trial(['long-ribbon']),
    trial(['long-ribbon'], { changed: 'feed' }),
    trial(['long-ribbon'], { changed: 'feed' }),
    trial(['long-ribbon'], { changed: 'breaker', better: true }),
  ];
  expect(runState(cut, plan, DEFAULT_RULES, 'chip', null, ground).spent).toContain('breaker');
});
