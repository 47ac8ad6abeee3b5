import { BELT_LATHE, END_MILL, HAND_MILL, INSERT, MOTOR, TOOLS, setup } from '../fixture';
import type { CutPlan, FeedPlan, SpeedPlan } from '../operation/cut-plan';
import type { CutSetup } from '../operation/registry';
import { centreHeight } from '../bit/centre-height';
import { cutPlan } from './cut-plan';
import { findings } from './findings';
import { powerShare } from './power-share';
import { DEFAULT_RULES } from './rules';
import { stepUps } from './step-ups';

const ORDINARY = setup({ depthMm: 1 });
const planOf = (of: CutSetup) => cutPlan(of, DEFAULT_RULES);
const found = (of: CutSetup) => findings(of, planOf(of));
const codes = (more: Partial<CutSetup>) => found(setup(more)).map(({ code }) => code);

/** Findings of the set-up when its plan had other figures. */
const withSpeed = (of: CutSetup, change: (speed: SpeedPlan, plan: CutPlan) => Partial<SpeedPlan>) => {
  const plan = planOf(of);
  return findings(of, { ...plan, speed: { ...plan.speed, ...change(plan.speed, plan) } });
};
const withFeed = (of: CutSetup, change: (feed: FeedPlan) => Partial<FeedPlan>) => {
  const plan = planOf(of);
  return findings(of, { ...plan, feed: { ...plan.feed, ...change(plan.feed) } });
};
const withDepth = (of: CutSetup, mm: number) => {
  const plan = planOf(of);
  return findings(of, { ...plan, depth: { ...plan.depth, mm } });
};

test('an ordinary cut gives no reason to say anything', () => expect(found(ORDINARY)).toEqual([]));

describe('power', () => {
  const cut = setup({ machine: { ...BELT_LATHE, motor: MOTOR }, workDiameterMm: 50, depthMm: 2 });
  const whole = powerShare(cut, planOf(cut)).share!;
  /** The same cut on a motor of which it takes this share. */
  const taking = (share: number): CutSetup => ({
    ...cut,
    machine: { ...cut.machine, motor: { ...MOTOR, powerKw: (MOTOR.powerKw * whole) / share } },
  });
  const told = (of: CutSetup) => found(of).find(({ code }) => code === 'power');

  it('is told from three quarters on, and a danger from the whole', () =>
    expect([0.74, 0.7504, 0.752, 0.999, 1.001].map((share) => told(taking(share))?.level)).toEqual([
      undefined,
      undefined,
      'caution',
      'caution',
      'danger',
    ]));

  it('tells what it needs and has, in the quantity that ends first', () => {
    const of = taking(0.9);
    const { share, torqueNm } = powerShare(of, planOf(of));
    expect(told(of)).toMatchObject({ level: 'caution', share, beltFirst: false, cutting: 'turning' });
    // A belt that slips at a small part of the torque that the motor has.
    const speeds = of.machine.speeds.map((step) => ({
      ...step,
      torqueNm: torqueNm / 1.5,
      torqueLimit: 'belt-slip' as const,
    }));
    expect(told({ ...of, machine: { ...of.machine, speeds } })).toMatchObject({
      level: 'danger',
      share: expect.closeTo(1.5, 9),
      beltFirst: true,
    });
  });

  it('is not told where the motor is not known', () =>
    expect(told({ ...cut, machine: BELT_LATHE })).toBeUndefined());
});

describe('speed', () => {
  const insert = setup({ tool: INSERT, depthMm: 1, workDiameterMm: 60 });

  it('below what the edge is content with', () => {
    const least = planOf(insert).speed.range.leastUsefulMPerMin;
    const onTheWay = { choice: { ...planOf(insert).speed.choice, machineTooSlow: false } };
    expect(withSpeed(insert, () => ({ ...onTheWay, actualMPerMin: least }))).toEqual([]);
    expect(withSpeed(insert, () => ({ ...onTheWay, actualMPerMin: least - 0.1 }))).toEqual([
      {
        code: 'below-useful',
        level: 'caution',
        actualMPerMin: least - 0.1,
        leastMPerMin: least,
        edgeName: planOf(insert).edge.name,
        carbide: true,
      },
    ]);
  });

  it.each([
    ['hss', setup({ depthMm: 1, workDiameterMm: 5, stickOutMm: 10 }), 'note'],
    ['carbide', setup({ depthMm: 1, tool: INSERT, workDiameterMm: 20 }), 'caution'],
  ] as const)('a machine far too slow for %s, when it stands on its fastest step', (_, of, level) => {
    const far = (share: number, more: Partial<SpeedPlan> = {}) =>
      withSpeed(of, ({ aimMPerMin, range, choice, topRpm }) => ({
        actualMPerMin: share * aimMPerMin,
        range: { ...range, leastUsefulMPerMin: 0 },
        choice: { ...choice, machineTooSlow: true },
        rungRpm: topRpm,
        ...more,
      })).filter(({ code }) => code === 'machine-too-slow');
    const { aimMPerMin } = planOf(of).speed;
    expect(far(0.751)).toEqual([]);
    expect(far(0.749)).toEqual([
      {
        code: 'machine-too-slow',
        level,
        actualMPerMin: 0.749 * aimMPerMin,
        aimMPerMin,
        carbide: level === 'caution',
      },
    ]);
    expect(far(0.749, { rungRpm: 42 })).toEqual([]);
    expect(far(0.749, { choice: { ...planOf(of).speed.choice, machineTooSlow: false } })).toEqual([]);
  });

  it('above the end of the chart, which a factor above 1 lifts', () => {
    const highest = planOf(ORDINARY).speed.range.highMPerMin;
    const fast = (actualMPerMin: number, more: Partial<SpeedPlan> = {}) =>
      withSpeed(ORDINARY, () => ({ actualMPerMin, ...more }));
    expect(fast(highest)).toEqual([]);
    expect(fast(highest * 1.001)).toEqual([
      {
        code: 'too-fast',
        level: 'danger',
        actualMPerMin: highest * 1.001,
        limitMPerMin: highest,
        edgeName: planOf(ORDINARY).edge.name,
        hss: true,
        slowest: false,
      },
    ]);
    const { factors, choice } = planOf(ORDINARY).speed;
    expect(fast(highest * 1.15, { factors: { ...factors, speedFactor: 1.2 } })).toEqual([]);
    const slowest = { choice: { ...choice, machineTooFast: true } };
    expect(fast(highest * 2, { ...slowest, rungRpm: choice.chosenRpm })[0]).toMatchObject({ slowest: true });
    expect(fast(highest * 2, { ...slowest, rungRpm: 745 })[0]).toMatchObject({ slowest: false });
    expect(fast(highest * 2, { rungRpm: choice.chosenRpm })[0]).toMatchObject({ slowest: false });
  });
});

describe('feed', () => {
  it('an edge that rubs, or that no feed is coarse enough for', () => {
    expect(withFeed(ORDINARY, () => ({ rubs: true }))).toEqual([{ code: 'rubbing', level: 'caution' }]);
    const narrow = ({ highMmRev }: FeedPlan) => ({ rubs: true, lowMmRev: highMmRev + 0.01 });
    expect(withFeed(ORDINARY, narrow)).toEqual([{ code: 'no-feed-window', level: 'caution' }]);
    const justOpen = ({ highMmRev }: FeedPlan) => ({ lowMmRev: highMmRev });
    expect(withFeed(ORDINARY, justOpen)).toEqual([]);
  });

  it('a lever that is too coarse, the finest there is or not', () => {
    const coarse = (times: number, below: { value: number; setting: string } | null) =>
      withFeed(ORDINARY, ({ highMmRev, setting }) => ({
        mmRev: highMmRev * times,
        setting: setting.how === 'lever' ? { ...setting, below } : setting,
      }));
    const finer = { value: 0.08, setting: 'Hole 2' };
    const { turning, highMmRev: mostMmRev } = planOf(ORDINARY).feed;
    const nose = { mostMmRev, limit: turning!.upperLimit };
    expect(coarse(1, finer)).toEqual([]);
    expect(coarse(1.01, finer)).toEqual([{ code: 'feed-high', level: 'caution', finest: false, ...nose }]);
    expect(coarse(1.01, null)).toEqual([{ code: 'feed-high', level: 'caution', finest: true, ...nose }]);
  });

  it('a wheel that cannot be wound so fast', () => {
    const slot = setup({ operation: 'mill-slot', stickOutMm: 30, depthMm: 3 });
    const hand = (handIsLimit: boolean) =>
      withFeed(slot, ({ setting }) => ({
        setting: setting.how === 'hand' ? { ...setting, handIsLimit } : setting,
      })).map(({ code, level }) => `${level} ${code}`);
    expect(hand(false)).toEqual(['note full-width']);
    expect(hand(true)).toEqual(['note hand-fast', 'note full-width']);
  });
});

describe('depth', () => {
  const casting = { name: 'Casting', materialKey: 'grey-iron', uncertain: false, skinMm: 1 };

  it('a side cut is under the skin by its width, not by its depth', () => {
    const casting = { name: 'Casting', materialKey: 'grey-iron', uncertain: false, skinMm: 1 };
    const side = (widthMm: number | null) =>
      codes({ operation: 'mill-side', stock: casting, firstPassOnSkin: true, widthMm, stickOutMm: 20 });
    expect([side(0.8).includes('on-the-skin'), side(1.5).includes('on-the-skin')]).toEqual([true, false]);
    expect(side(null)).not.toContain('on-the-skin');
  });

  it('in a hard skin, or under it', () => {
    const first = setup({ stock: casting, firstPassOnSkin: true, depthMm: 1 });
    const later = setup({ stock: casting, depthMm: 1 });
    expect(withDepth(first, 1)).toEqual([{ code: 'on-the-skin', level: 'caution', skinMm: 1 }]);
    expect(withDepth(first, 1.01)).toEqual([]);
    expect(withDepth(later, 1)).toEqual([{ code: 'skin-left', level: 'note', skinMm: 1 }]);
    expect(withDepth(later, 1.01)).toEqual([]);
    expect(withDepth(ORDINARY, 0.5)).toEqual([]);
  });

  it('that the edge cannot cut, or that leaves a carbide nose on its tip', () => {
    const insert = setup({ tool: INSERT, workDiameterMm: 60, depthMm: 1 });
    const { depthFloorMm, depthPreferredMinMm } = planOf(insert).feed.turning!;
    const nose = { code: 'nose-depth', level: 'note', leastMm: depthPreferredMinMm };
    expect(withDepth(insert, depthPreferredMinMm)).toEqual([]);
    expect(withDepth(insert, depthPreferredMinMm - 0.01)).toEqual([nose]);
    expect(withDepth(insert, depthFloorMm)).toEqual([nose]);
    expect(withDepth(insert, depthFloorMm * 0.99)).toEqual([{ code: 'depth-rubs', level: 'caution' }]);
    expect(withDepth(ORDINARY, 0.2)).toEqual([]);
  });

  it('beyond the flutes', () => {
    const side = setup({ operation: 'mill-side', stickOutMm: 30, widthMm: 6, depthMm: 5 });
    const flutes = (depthMm: number) =>
      withDepth(side, depthMm).filter(({ code }) => code === 'flute-length');
    expect(flutes(END_MILL.fluteLengthMm)).toEqual([]);
    expect(flutes(END_MILL.fluteLengthMm + 0.1)).toEqual([
      { code: 'flute-length', level: 'danger', lengthMm: END_MILL.fluteLengthMm, what: 'flutes' },
    ]);
    expect(codes({ operation: 'drill', depthMm: 60 })).toContain('peck');
  });
});

describe('cutter and set-up', () => {
  it('a narrow cut that is fed faster, by how much', () => {
    const side = setup({ operation: 'mill-side', stickOutMm: 30, widthMm: 2, depthMm: 3 });
    const raised = (compensation: number) =>
      withFeed(side, ({ tooth }) => ({ tooth: { ...tooth!, compensation } }));
    expect(raised(1.004)).toEqual([]);
    expect(raised(1.34)).toEqual([{ code: 'chip-thinning', level: 'note', percent: 34 }]);
  });

  it('a nose a little off centre, told where the work is thin enough to feel it', () => {
    const thin = setup({ workDiameterMm: 6, stickOutMm: 10, depthMm: 0.5 });
    const { deltaDeg } = centreHeight('outside', 0.2, 6, 0, 0);
    expect(deltaDeg).toBeGreaterThan(3);
    expect(found(thin).filter(({ code }) => code === 'centre-height')).toEqual([
      { code: 'centre-height', level: 'note', offMm: 0.2, bore: false, turnsDeg: deltaDeg },
    ]);
    expect(codes({ workDiameterMm: 8, stickOutMm: 10, depthMm: 0.5 })).not.toContain('centre-height');
    const bore = setup({
      operation: 'bore',
      tool: { ...TOOLS['boring-bar'], barMm: 4 },
      workDiameterMm: 7,
      stickOutMm: 10,
      depthMm: 0.2,
    });
    expect(found(bore).find(({ code }) => code === 'centre-height')).toMatchObject({ bore: true });
    const wire = setup({ workDiameterMm: 0.4, stickOutMm: 1, depthMm: 0.05 });
    expect(found(wire).map(({ code }) => code)).not.toContain('centre-height');
  });

  it('too much that eases at once, and too far out', () => {
    expect(found(setup({ depthMm: 1, stickOutMm: 100 }))).toEqual([
      { code: 'overhang', level: 'caution', standsOut: 'work', support: 'chuck', ratio: 4, allowable: 3 },
    ]);
    const cutter = setup({ operation: 'mill-side', stickOutMm: 60, widthMm: 6, depthMm: 5 });
    expect(found(cutter).find(({ code }) => code === 'overhang')).toMatchObject({
      standsOut: 'cutter',
      support: null,
      ratio: 5,
      allowable: 4,
    });
    const many = {
      machine: { ...BELT_LATHE, light: true },
      fluid: 'dry',
      interrupted: true,
      firstPassOnSkin: true,
      stickOutMm: 140,
      tool: { ...TOOLS['turning-tool'], dull: true },
      stock: { ...setup().stock, uncertain: true },
    } as const;
    expect(codes(many)).toEqual(expect.arrayContaining(['burdens', 'overhang']));
  });

  it('an HSS edge run too fast, and a machine that has nothing slow enough', () => {
    expect(codes({ rpmByHand: 745 })).toContain('too-fast');
    expect(found(setup({ workDiameterMm: 900 })).find(({ code }) => code === 'too-fast')).toMatchObject({
      level: 'danger',
      slowest: true,
    });
    expect(codes({ machine: HAND_MILL, operation: 'mill-side', depthMm: 30 })).toContain('flute-length');
    expect(codes({ operation: 'face', workDiameterMm: 60 })).toContain('facing-centre');
  });
});

describe('slender work', () => {
  const at = (stickOutMm: number, more: Partial<CutSetup> = {}) => {
    const of = setup({ workDiameterMm: 6, stickOutMm, ...more });
    return found(of).find(({ code }) => code === 'slender');
  };

  it('far out of the chuck alone is a danger, with the hold that it needs', () => {
    expect(at(40)).toBeUndefined();
    expect(at(100)).toMatchObject({ level: 'danger', support: 'chuck', takesCentre: true, steadies: 0 });
    expect(at(180)).toMatchObject({ level: 'danger', lengthMm: 180, steadies: 1 });
    expect(at(100, { support: 'chuck-and-centre' })).toBeUndefined();
    expect(at(600, { support: 'chuck-and-centre' })).toMatchObject({ level: 'danger' });
  });

  it('between centres is never told to bring up a centre', () => {
    // One span is what two centres hold: a little more already needs a steady.
    const spanMm = (at(600, { support: 'between-centres' }) as { mostMm: number }).mostMm;
    expect(at(spanMm, { support: 'between-centres' })).toBeUndefined();
    expect(at(1.01 * spanMm, { support: 'between-centres' })).toMatchObject({ steadies: 1 });
    expect(at(2.01 * spanMm, { support: 'between-centres' })).toMatchObject({ steadies: 2 });
  });

  it('across its end needs a steady, because no centre can be there', () =>
    expect(at(100, { operation: 'face' })).toMatchObject({
      level: 'danger',
      takesCentre: false,
      steadies: 1,
    }));

  it('says it once: the usual stick-out is not told beside it; a blade is no slender work', () => {
    expect(codes({ workDiameterMm: 6, stickOutMm: 180 })).not.toContain('overhang');
    expect(codes({ workDiameterMm: 6, stickOutMm: 40 })).toContain('overhang');
    expect(at(180, { operation: 'part', tool: TOOLS['parting-blade'] })).toBeUndefined();
  });
});

describe('a depth beyond the edges of the cutter', () => {
  it.each([
    ['t-slot', 11],
    ['dovetail', 10],
    ['face-mill', 22],
    ['form-mill', 5],
    ['mill-side', 22],
    ['plunge', 22],
  ] as const)('is a danger: %s, %d mm', (operation, lengthMm) => {
    expect(codes({ operation, depthMm: lengthMm })).not.toContain('flute-length');
    expect(found(setup({ operation, depthMm: lengthMm + 1 }))).toContainEqual({
      code: 'flute-length',
      level: 'danger',
      lengthMm,
      what: ['mill-side', 'plunge'].includes(operation) ? 'flutes' : 'edges',
    });
  });
});

describe('a faster step that is told', () => {
  it('is never above the mark on the chuck', () => {
    const large = (chuckRpm: number) =>
      setup({ operation: 'face', workDiameterMm: 150, machine: { ...BELT_LATHE, limits: { chuckRpm } } });
    const faster = (of: CutSetup) =>
      (found(of).find(({ code }) => code === 'facing-centre') as { faster: object | null }).faster;
    const free = large(2000);
    expect(faster(free)).not.toBeNull();
    expect(stepUps(free, planOf(free), DEFAULT_RULES)).not.toEqual([]);
    const held = large(planOf(free).speed.rungRpm);
    expect(faster(held)).toBeNull();
    expect(stepUps(held, planOf(held), DEFAULT_RULES)).toEqual([]);
  });
});
