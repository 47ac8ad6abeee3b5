import fc from 'fast-check';
import { anySetup, END_MILL, HAND_MILL, INSERT, scaled, setup } from '../fixture';
import type { Machine } from '../machine/machine';
import type { FeedPlan } from '../operation/cut-plan';
import { rotates } from '../tool/tool';
import { OPERATIONS, type CutSetup } from '../operation/registry';
import { cutPlan } from './cut-plan';
import { misfits } from './misfits';
import { DEFAULT_RULES, type ShopRules } from './rules';

const plan = (more: Partial<CutSetup> = {}, rules: ShopRules = DEFAULT_RULES) => cutPlan(setup(more), rules);

describe('the plan of a cut', () => {
  it('turns chart, factors and the machine’s own steps into a setting', () => {
    const { speed, feed, depth } = plan();
    expect(speed.aimMPerMin).toBeCloseTo(32 * 0.8, 9);
    expect(speed.idealRpm).toBeCloseTo(325.9, 1);
    expect(speed).toMatchObject({
      rungRpm: 265,
      setting: 'Belt 1, out',
      byHand: false,
      choice: { belowRpm: 265, aboveRpm: 440 },
    });
    // Nose 0.4 on a tired machine: at most 0.2, start 0.6 of it, eased by 0.85: 0.102, the lever at 0.1.
    expect(feed).toMatchObject({ mmRev: 0.1, setting: { how: 'lever', setting: 'Hole 3' } });
    expect(depth).toMatchObject({ reason: 'own', dialDivisions: expect.closeTo(40, 6) });
  });

  it('follows the schools', () => {
    const aim = (rules: Partial<ShopRules>) => plan({}, { ...DEFAULT_RULES, ...rules }).speed.aimMPerMin;
    expect(aim({ school: 'bottom' })).toBeCloseTo(26 * 0.8, 9);
    expect(aim({ school: 'top', backOffThird: true })).toBeCloseTo(38 * 0.8 * (2 / 3), 9);
    expect(plan({ workDiameterMm: 31 }, { ...DEFAULT_RULES, rungRule: 'overshoot' }).speed.rungRpm).toBe(265);
    expect(plan({ workDiameterMm: 31 }, { ...DEFAULT_RULES, rungRule: 'not-above' }).speed.rungRpm).toBe(118);
  });

  it('keeps a step picked by hand, and lets go of one the machine has not', () => {
    expect(plan({ rpmByHand: 440 }).speed).toMatchObject({
      rungRpm: 440,
      byHand: true,
      setting: 'Belt 2, out',
    });
    // Measured anew since it was picked: still that step. Not there at all: the plan's own.
    expect(plan({ rpmByHand: 447 }).speed).toMatchObject({ rungRpm: 440, byHand: true });
    expect(plan({ rpmByHand: 500 }).speed).toMatchObject({ rungRpm: 265, byHand: false });
  });

  it('says a hand feed in seconds a turn, and where the hand is the limit', () => {
    const slot = plan({ machine: HAND_MILL, operation: 'mill-slot', tool: END_MILL, stickOutMm: 30 });
    expect(slot.feed.setting).toMatchObject({
      how: 'hand',
      wheel: 'table',
      travelPerTurnMm: 5,
      handIsLimit: false,
    });
    const soft = plan({
      machine: HAND_MILL,
      operation: 'mill-side',
      tool: END_MILL,
      stickOutMm: 30,
      stock: { name: 'Plate', materialKey: 'aluminium-wrought', uncertain: false, skinMm: 0 },
    });
    expect(soft.feed.setting).toMatchObject({
      how: 'hand',
      handIsLimit: true,
      secondsPerTurn: expect.closeTo(0.7, 6),
    });
  });

  it('halves the cross feed of a face, as the machine does', () => {
    expect(plan({ operation: 'face', workDiameterMm: 60 }).feed).toMatchObject({
      mmRev: 0.095,
      setting: { setting: 'Hole 5' },
    });
  });

  it('goes under a hard skin, never less than the nose asks, on an easy mark of the dial', () => {
    const skin = plan({
      firstPassOnSkin: true,
      stock: { name: 'Casting', materialKey: 'grey-iron', uncertain: false, skinMm: 1.3 },
    });
    expect(skin.depth).toMatchObject({ reason: 'under-the-skin', mm: 1.5 });
    const thin = plan({ tool: INSERT, workDiameterMm: 4 });
    expect(thin.depth.reason).toBe('nose-radius');
    expect(thin.depth.mm).toBeGreaterThanOrEqual((2 / 3) * 0.8);
    const tiny = plan({ workDiameterMm: 1 });
    expect(tiny.depth.mm).toBeLessThan(0.125);
  });

  it.each([
    ['diameter', { workDiameterMm: 0 }],
    ['depth of cut', { depthMm: -1 }],
    ['width of cut', { widthMm: 0 }],
    ['stick-out', { stickOutMm: NaN }],
  ] as const)('refuses a %s that is none', (name, more) => {
    expect(() => plan(more)).toThrow(`${name} must be more than 0`);
  });
});

/** Whether the machine has the lever of a feed, or its wheel gives the feed when it is wound so fast. */
function isOfTheMachine({ setting, mmRev, mmMin }: FeedPlan, machine: Machine): boolean {
  switch (setting.how) {
    case 'lever':
      return machine.feeds.some((one) => one.setting === setting.setting);
    case 'hand':
      return Math.abs((60 * setting.travelPerTurnMm) / setting.secondsPerTurn / mmMin - 1) < 1e-9;
    case 'screw':
      return setting.pitchMm === mmRev;
    case 'strokes':
      return setting.perMin > 0;
  }
}
const anyRules = fc.record({
  school: fc.constantFrom('bottom' as const, 'middle' as const, 'top' as const),
  backOffThird: fc.boolean(),
  shortcut: fc.constantFrom('4*CS/D' as const, '300*v/D' as const),
  rungRule: fc.constantFrom('not-above' as const, 'overshoot' as const, 'nearest' as const),
  overshootPercent: fc.integer({ min: 0, max: 50 }),
});

describe('for every cut the forms accept', () => {
  it('the setting is the machine’s own, and speed, feed and aim follow from each other', () => {
    fc.assert(
      fc.property(anySetup(), anyRules, (input, rules) => {
        const { speed, feed, depth, diameterMm } = cutPlan(input, rules);
        const { machine } = input;
        expect(machine.speeds).toContainEqual({ rpm: speed.rungRpm, setting: speed.setting });
        expect(speed.actualMPerMin).toBeCloseTo((Math.PI * diameterMm * speed.rungRpm) / 1000, 6);
        expect(speed.aimMPerMin).toBeCloseTo(speed.range.startMPerMin * speed.factors.speedFactor, 9);
        expect((Math.PI * diameterMm * speed.idealRpm) / 1000 / speed.aimMPerMin).toBeCloseTo(1, 9);
        expect(speed.bandRpm[0]).toBeLessThanOrEqual(speed.bandRpm[1]);
        expect(feed.mmMin).toBeCloseTo(feed.mmRev * speed.rungRpm, 9);
        expect(Math.min(feed.mmRev, depth.mm)).toBeGreaterThan(0);
        expect(isOfTheMachine(feed, machine)).toBe(true);
      }),
      { numRuns: 1_000 },
    );
  });

  it('a larger diameter never asks for more rpm, a worse machine never for more speed', () => {
    fc.assert(
      fc.property(anySetup(), anyRules, (input, rules) => {
        const one = { ...input, depthMm: 1 };
        // Everything 1.1 times as large, so that it sticks out the same number of diameters.
        const larger = {
          ...one,
          workDiameterMm: one.workDiameterMm * 1.1,
          stickOutMm: one.stickOutMm * 1.1,
          widthMm: one.widthMm === null ? null : one.widthMm * 1.1,
          tool: scaled(one.tool, 1.1),
        };
        const worn = (condition: 'tired' | 'ordinary') =>
          cutPlan({ ...one, machine: { ...one.machine, condition } }, rules).speed.aimMPerMin;
        // A shaper turns nothing; under a diameter of 1 mm the factors of a cutter change with it.
        const turned = OPERATIONS[one.operation].turns !== 'stroke';
        fc.pre(misfits(one).length === 0 && misfits(larger).length === 0);
        const sameFactors = turned && (!rotates(one.tool) || one.tool.diameterMm >= 1);
        return (
          (!sameFactors || cutPlan(larger, rules).speed.idealRpm <= cutPlan(one, rules).speed.idealRpm)
          && worn('tired') <= worn('ordinary') + 1e-9
        );
      }),
      { numRuns: 500 },
    );
  });
});
