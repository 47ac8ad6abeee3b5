import fc from 'fast-check';
import { BELT_LATHE, END_MILL, HAND_MILL, MOTOR, setup } from '../fixture';
import { cutPlan } from '../plan/cut-plan';
import { DEFAULT_RULES } from '../plan/rules';
import { nextSetting } from './next-setting';
import { isSet, planAt, settingOf, type Setting } from './setting';

const LATHE = { ...BELT_LATHE, motor: { ...MOTOR, powerKw: 2.2 } };
const cut = setup({ machine: LATHE, workDiameterMm: 30 });
const plan = cutPlan(cut, DEFAULT_RULES);
const AT: Setting = { rpm: 265, feedMmRev: 0.08, depthMm: 1 };

describe('a change in the machine’s own steps', () => {
  it('is the smallest lever at or beyond the factor', () => {
    const next = nextSetting(cut, plan, DEFAULT_RULES, AT, 'feed', 1.25);
    expect(next).toMatchObject({ can: true, from: 0.08, to: 0.1, step: 'Hole 3', isWhole: true });
    expect(nextSetting(cut, plan, DEFAULT_RULES, { ...AT, feedMmRev: 0.1 }, 'feed', 1.25)).toMatchObject({
      to: 0.19,
    });
    expect(nextSetting(cut, plan, DEFAULT_RULES, AT, 'feed', 0.8)).toMatchObject({
      to: 0.05,
      step: 'Hole 1',
    });
  });

  it('is the next belt, down and up, and stops at the ends', () => {
    expect(nextSetting(cut, plan, DEFAULT_RULES, AT, 'speed', 0.8)).toMatchObject({
      to: 118,
      step: 'Belt 3, in',
    });
    expect(nextSetting(cut, plan, DEFAULT_RULES, AT, 'speed', 1.25)).toMatchObject({ why: 'chart' });
    const thin = setup({ machine: LATHE, workDiameterMm: 20 });
    const of = cutPlan(thin, DEFAULT_RULES);
    expect(nextSetting(thin, of, DEFAULT_RULES, AT, 'speed', 1.25)).toMatchObject({ to: 440 });
    expect(nextSetting(cut, plan, DEFAULT_RULES, { ...AT, rpm: 42 }, 'speed', 0.8)).toEqual({
      can: false,
      parameter: 'speed',
      why: 'no-step',
    });
  });

  it('a depth falls on a division of the dial', () => {
    expect(nextSetting(cut, plan, DEFAULT_RULES, AT, 'depth', 1.5)).toMatchObject({ to: 1.5 });
    const less = nextSetting(cut, plan, DEFAULT_RULES, AT, 'depth', 0.67);
    expect(less).toMatchObject({ can: true, isWhole: true });
    const divisions = (less as { to: number }).to / 0.025;
    expect(divisions).toBeCloseTo(Math.round(divisions), 9);
  });

  it('never goes beyond the mark on the chuck, the nose, or the power of the step', () => {
    const marked = { ...cut, machine: { ...LATHE, limits: { chuckRpm: 300 } } };
    expect(
      nextSetting(marked, cutPlan(marked, DEFAULT_RULES), DEFAULT_RULES, AT, 'speed', 1.25),
    ).toMatchObject({ why: 'cap' });
    const sharp = setup({ machine: LATHE, tool: { ...cut.tool, noseRadiusMm: 0.1 } as typeof cut.tool });
    expect(nextSetting(sharp, cutPlan(sharp, DEFAULT_RULES), DEFAULT_RULES, AT, 'feed', 1.25)).toMatchObject({
      why: 'edge',
    });
    const weak = setup({ machine: { ...BELT_LATHE, motor: { ...MOTOR, powerKw: 0.16 } } });
    expect(nextSetting(weak, cutPlan(weak, DEFAULT_RULES), DEFAULT_RULES, AT, 'depth', 1.5)).toMatchObject({
      why: 'power',
    });
  });

  it('a thread has its pitch and its depth from the work', () => {
    const thread = setup({ operation: 'thread', pitchMm: 1.5 });
    const of = cutPlan(thread, DEFAULT_RULES);
    expect(nextSetting(thread, of, DEFAULT_RULES, AT, 'feed', 1.25)).toMatchObject({ why: 'given' });
    expect(nextSetting(thread, of, DEFAULT_RULES, AT, 'depth', 1.5)).toMatchObject({ why: 'given' });
  });

  it('goes the way it was asked, and leaves the other two as they were', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('speed', 'feed', 'depth' as const),
        fc.constantFrom(0.5, 0.67, 0.8, 1.25, 1.5),
        fc.constantFrom(...LATHE.speeds.map(({ rpm }) => rpm)),
        fc.constantFrom(...LATHE.feeds.map(({ value }) => value)),
        (parameter, factor, rpm, feedMmRev) => {
          const at = { rpm, feedMmRev, depthMm: 1 };
          const next = nextSetting(cut, plan, DEFAULT_RULES, at, parameter, factor);
          if (!next.can) return;
          expect(Math.sign(next.to - next.from)).toBe(Math.sign(factor - 1));
          const keys = { speed: 'rpm', feed: 'feedMmRev', depth: 'depthMm' } as const;
          expect(next.setting).toEqual({ ...at, [keys[parameter]]: next.to });
        },
      ),
    ));
});

describe('the step that is taken', () => {
  const steps = (list: readonly number[]) => list.map((rpm, i) => ({ rpm, setting: `Step ${i + 1}` }));
  const machine = { ...LATHE, speeds: steps([100, 125, 160, 200, 250]) };
  const of = setup({ machine, workDiameterMm: 30 });
  const speed = (rpm: number, factor: number) =>
    nextSetting(of, plan, DEFAULT_RULES, { ...AT, rpm, feedMmRev: 0.05, depthMm: 0.1 }, 'speed', factor);

  it.each([
    [100, 1.25, 125, true],
    [100, 1.26, 160, true],
    [100, 3, 250, false],
    [250, 0.8, 200, true],
    [250, 0.79, 160, true],
    [250, 0.3, 100, false],
    [140, 1.1, 160, true],
    [140, 0.95, 125, true],
  ] as const)('from %d rpm by %d it is %d rpm; as far as was asked: %s', (rpm, factor, to, isWhole) =>
    expect(speed(rpm, factor)).toMatchObject({ can: true, from: rpm, to, isWhole }),
  );

  it('is named as it is on the machine, and leaves feed and depth', () =>
    expect(speed(100, 1.25)).toMatchObject({
      step: 'Step 2',
      setting: { rpm: 125, feedMmRev: 0.05, depthMm: 0.1 },
    }));

  it('is never the step that a measured speed stands for', () => {
    expect(speed(124.5, 1.01)).toMatchObject({ to: 160 });
    expect(speed(125.5, 0.99)).toMatchObject({ to: 100 });
    expect(speed(249.5, 1.25)).toEqual({ can: false, parameter: 'speed', why: 'no-step' });
    expect(speed(100.3, 0.8)).toEqual({ can: false, parameter: 'speed', why: 'no-step' });
  });

  it.each([
    [130, 1.25, 'cap'],
    [160, 1.25, null],
  ] as const)('a chuck marked %d rpm stops a faster step: %s', (chuckRpm, factor, why) => {
    const marked = { ...of, machine: { ...machine, limits: { chuckRpm } } };
    const to = (rpm: number, by: number) =>
      nextSetting(marked, plan, DEFAULT_RULES, { ...AT, rpm, feedMmRev: 0.05, depthMm: 0.1 }, 'speed', by);
    expect(to(125, factor)).toMatchObject(why ? { can: false, why } : { can: true, to: 160 });
    // A step above the mark goes down as far as the mark asks.
    expect(to(250, 0.99)).toMatchObject({ can: true, to: chuckRpm === 160 ? 160 : 125 });
  });

  it('a carriage stops a thread before the chart does, also where the chart is the lower of both', () => {
    const thread = setup({
      operation: 'thread',
      machine: LATHE,
      pitchMm: 3,
      workDiameterMm: 10,
      runOut: true,
    });
    const of = cutPlan(thread, DEFAULT_RULES);
    const at = { ...settingOf(of), rpm: 118 };
    expect(nextSetting(thread, of, DEFAULT_RULES, at, 'speed', 1.25)).toMatchObject({ why: 'cap' });
  });
});

describe('a feed', () => {
  it('that is wound goes just as far as was asked, and has no step', () => {
    const wound = setup({ machine: { ...LATHE, feeds: [] }, workDiameterMm: 30 });
    const of = cutPlan(wound, DEFAULT_RULES);
    const at = { ...AT, feedMmRev: 0.06 };
    expect(nextSetting(wound, of, DEFAULT_RULES, at, 'feed', 1.25)).toMatchObject({
      can: true,
      to: expect.closeTo(0.075, 12),
      step: null,
      isWhole: true,
    });
    const most = { ...at, feedMmRev: of.feed.highMmRev };
    expect(nextSetting(wound, of, DEFAULT_RULES, most, 'feed', 1.25)).toEqual({
      can: false,
      parameter: 'feed',
      why: 'edge',
    });
    // A feed that is too heavy already may always be made finer.
    const heavy = { ...at, feedMmRev: 2 * of.feed.highMmRev };
    expect(nextSetting(wound, of, DEFAULT_RULES, heavy, 'feed', 0.8)).toMatchObject({
      can: true,
      parameter: 'feed',
    });
    expect(nextSetting(wound, of, DEFAULT_RULES, most, 'feed', 0.8)).toMatchObject({ can: true });
  });

  it('by levers of a minute is told by the turn at the speed that was set', () => {
    const feeds = [25, 40, 63, 100, 160].map((value, i) => ({ value, setting: `Feed ${i + 1}` }));
    const mill = setup({
      machine: { ...HAND_MILL, feeds } as typeof HAND_MILL,
      operation: 'mill-side',
      tool: END_MILL,
    });
    const of = cutPlan(mill, DEFAULT_RULES);
    if (of.feed.setting.how !== 'lever') throw new Error('this mill has levers');
    const rpm = 400;
    const next = nextSetting(mill, of, DEFAULT_RULES, { rpm, feedMmRev: 40 / rpm, depthMm: 1 }, 'feed', 1.25);
    expect(next).toMatchObject({ can: true, to: expect.closeTo(63 / rpm, 12), step: 'Feed 3' });
    // Another spindle speed leaves the lever where it is: less on each tooth.
    const slow = { rpm: 210, feedMmRev: 40 / 210, depthMm: 1 };
    expect(nextSetting(mill, of, DEFAULT_RULES, slow, 'speed', 1.25)).toMatchObject({
      to: 640,
      setting: { rpm: 640, feedMmRev: expect.closeTo(40 / 640, 12) },
    });
  });

  it('at the last lever has no further step', () =>
    expect(
      nextSetting(cut, plan, DEFAULT_RULES, { ...AT, feedMmRev: LATHE.feeds.at(-1)!.value }, 'feed', 1.25),
    ).toEqual({ can: false, parameter: 'feed', why: 'no-step' }));
});

describe('a depth', () => {
  it('of one division cannot be less', () => {
    const at = { ...AT, depthMm: 0.025 };
    expect(nextSetting(cut, plan, DEFAULT_RULES, at, 'depth', 0.67)).toEqual({
      can: false,
      parameter: 'depth',
      why: 'no-step',
    });
  });

  it('is no more than half of what is turned', () => {
    const thin = setup({ machine: LATHE, workDiameterMm: 4, stickOutMm: 12 });
    const of = cutPlan(thin, DEFAULT_RULES);
    expect(nextSetting(thin, of, DEFAULT_RULES, { ...AT, depthMm: 1.95 }, 'depth', 1.5)).toMatchObject({
      why: 'given',
    });
    expect(nextSetting(thin, of, DEFAULT_RULES, { ...AT, depthMm: 1.5 }, 'depth', 0.67)).toMatchObject({
      can: true,
    });
  });

  it('that takes more than the power of its step is refused, one that takes less never', () => {
    const weak = setup({ machine: { ...BELT_LATHE, motor: { ...MOTOR, powerKw: 0.16 } } });
    const of = cutPlan(weak, DEFAULT_RULES);
    const to = (depthMm: number, factor: number) =>
      nextSetting(weak, of, DEFAULT_RULES, { ...AT, depthMm }, 'depth', factor);
    expect(to(1, 1.5)).toEqual({ can: false, parameter: 'depth', why: 'power' });
    // As it is set it takes more than there is: no more of it, and less as far as the machine drives it.
    expect(to(3, 1.5)).toEqual({ can: false, parameter: 'depth', why: 'danger' });
    const less = to(3, 0.67);
    expect(less).toMatchObject({ can: true });
    expect((less as { to: number }).to).toBeLessThan(1.5);
  });
});

it('a machine whose motor is not known is not held back by its power', () => {
  const unknown = setup({ machine: { ...BELT_LATHE, motor: undefined }, workDiameterMm: 30 });
  const of = cutPlan(unknown, DEFAULT_RULES);
  expect(nextSetting(unknown, of, DEFAULT_RULES, { ...AT, depthMm: 4 }, 'depth', 1.5)).toMatchObject({
    can: true,
    parameter: 'depth',
  });
});

it('only speed, feed and depth are set at the machine', () =>
  expect(['speed', 'feed', 'depth', 'breaker', 'stop', ''].map(isSet)).toEqual([
    true,
    true,
    true,
    false,
    false,
    false,
  ]));

it('a plan at its own setting is the plan, at another only that is changed', () => {
  const own = settingOf(plan);
  expect(own).toEqual({ rpm: plan.speed.rungRpm, feedMmRev: plan.feed.mmRev, depthMm: plan.depth.mm });
  const other = planAt(plan, { rpm: 118, feedMmRev: 0.2, depthMm: 2 });
  expect(settingOf(other)).toEqual({ rpm: 118, feedMmRev: 0.2, depthMm: 2 });
  expect(other.feed.mmMin).toBeCloseTo(118 * 0.2, 9);
  expect(other.metal).toBe(plan.metal);
});
