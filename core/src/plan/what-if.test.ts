import fc from 'fast-check';
import { compareCutters, coversArea } from './compare-cutters';
import { BELT_LATHE, END_MILL, HAND_MILL, INSERT, setup, TOOLS } from '../fixture';
import type { CutSetup } from '../operation/registry';
import { cutPlan } from './cut-plan';
import { finishWish } from './finish-wish';
import { forecast } from './forecast';
import { DEFAULT_RULES } from './rules';
import { planWith, sweep } from './sweep';
import { toBreak } from './to-break';
import { whatLimits } from './what-limits';

const motor = { powerKw: 0.55, phases: 1, efficiency: 0.7 } as const;
const lathe = { ...BELT_LATHE, motor };
const mill = { ...HAND_MILL, motor };
const held = (input: CutSetup) => {
  const plan = cutPlan(input, DEFAULT_RULES);
  return whatLimits(input, plan, forecast(input, plan));
};
const of = (input: CutSetup, quantity: 'speed' | 'feed' | 'depth' | 'width') =>
  held(input).find((one) => one.quantity === quantity)!;

describe('what holds a cut back', () => {
  it('keeps to chart, machine, chuck, heat and edge with the speed', () => {
    const speed = (machine: Partial<typeof BELT_LATHE>, more: Partial<CutSetup> = {}) =>
      of(setup({ machine: { ...BELT_LATHE, ...machine } as typeof BELT_LATHE, ...more }), 'speed');
    // The end of the chart is 38 m/min: 484 rpm on 25 mm; the fastest step is 745.
    expect(speed({})).toMatchObject({ upper: 'chart', lower: 'machine-bottom', found: { low: 42 } });
    expect(speed({}).found.high).toBeCloseTo((38 * 1000) / (Math.PI * 25), 6);
    expect(speed({}, { workDiameterMm: 12 })).toMatchObject({ upper: 'machine-top', found: { high: 745 } });
    expect(speed({ limits: { chuckRpm: 300 } })).toMatchObject({ upper: 'chuck', found: { high: 300 } });
    expect(of(setup({ operation: 'mill-side', stickOutMm: 30 }), 'speed').upper).not.toBe('chuck');
    const hot = setup({ machine: lathe, tool: INSERT, rpmByHand: 440, workDiameterMm: 120 });
    const plan = cutPlan(hot, DEFAULT_RULES);
    const f = forecast(hot, plan);
    const melting = { ...plan, edge: { ...plan.edge, hotLimitC: f.heat!.interfaceC } };
    // An edge that stands just this heat is at its limit at this speed.
    const found = whatLimits(hot, melting, f).find(({ quantity }) => quantity === 'speed')!;
    expect(found).toMatchObject({ upper: 'heat', found: { high: expect.closeTo(440, 6), start: 440 } });
    const cooler = { ...plan, edge: { ...plan.edge, hotLimitC: (f.heat!.interfaceC - 20) / 2 + 20 } };
    expect(whatLimits(hot, cooler, f).find(({ quantity }) => quantity === 'speed')!.found.high).toBeCloseTo(
      440 / 8,
      6,
    );
  });

  it('holds feed and depth where they take three quarters of the power', () => {
    const input = setup({ machine: lathe, workDiameterMm: 60, depthMm: 6, feedByHand: 0.19 });
    const plan = cutPlan(input, DEFAULT_RULES);
    const share = (change: Parameters<typeof planWith>[1]) =>
      forecast(input, planWith(plan, change)).power!.share!;
    expect(share({ mmRev: of(input, 'feed').found.high! })).toBeCloseTo(0.75, 6);
    expect(share({ depthMm: of(input, 'depth').found.high! })).toBeCloseTo(0.75, 6);
    const noMotor = setup({ workDiameterMm: 60, depthMm: 6, feedByHand: 0.19 });
    expect(of(noMotor, 'feed').found.high).toBe(plan.feed.highMmRev);
  });

  it('holds depth by spring, flutes, the middle of the work, skin and what the edge can cut', () => {
    const slender = setup({ workDiameterMm: 10, stickOutMm: 90 });
    const { found } = of(slender, 'depth');
    const plan = cutPlan(slender, DEFAULT_RULES);
    const spring = forecast(slender, plan).spring!;
    expect(found.high).toBeCloseTo((plan.depth.mm * 0.1) / spring.errorMm, 9);
    expect(of(setup(), 'depth')).toMatchObject({ lower: 'edge-radius', upper: 'half-the-work' });
    expect(of(setup(), 'depth').found.high).toBe(12.5);
    const casting = { ...setup().stock, skinMm: 1 };
    expect(of(setup({ stock: casting, firstPassOnSkin: true }), 'depth')).toMatchObject({
      lower: 'skin',
      found: { low: 1 },
    });
    expect(of(setup({ stock: casting }), 'depth').lower).toBe('edge-radius');
    expect(of(setup({ operation: 'mill-side', stickOutMm: 14 }), 'depth')).toMatchObject({
      upper: 'flute-length',
      found: { high: END_MILL.fluteLengthMm },
    });
    expect(of(setup({ operation: 'mill-side', widthMm: 3 }), 'width')).toMatchObject({
      upper: 'tool-size',
      lower: null,
      found: { high: 12, start: 3 },
    });
  });

  it('stops a feed by the chip load of a tooth, by the hand, by a table', () => {
    const side = (more: Partial<CutSetup>) => of(setup({ operation: 'mill-side', ...more }), 'feed');
    expect(side({ stickOutMm: 30 })).toMatchObject({ upper: 'chip-load', lower: 'edge-radius' });
    const soft = { ...setup().stock, materialKey: 'aluminium-wrought' };
    expect(side({ stickOutMm: 30, stock: soft }).upper).toBe('hand');
    expect(of(setup({ operation: 'drill' }), 'feed')).toMatchObject({ upper: 'table', lower: 'table' });
  });

  it('names the tightest first', () => {
    const list = held(setup({ machine: lathe, workDiameterMm: 60, depthMm: 6 }));
    expect(list[0]).toMatchObject({ upper: expect.stringMatching(/power|torque/) });
    const shares = list.map(({ found }) => (found.high === null ? 0 : found.start / found.high));
    expect([...shares].sort((a, b) => b - a)).toEqual(shares);
  });

  it('knows nose, chip load, pitch and hand as what stops a feed', () => {
    expect(of(setup(), 'feed').upper).toBe('nose-radius');
    expect(of(setup({ machine: mill, operation: 'mill-side', tool: END_MILL }), 'feed').upper).toMatch(
      /chip-load|hand|torque/,
    );
    expect(of(setup({ operation: 'thread', tool: TOOLS['threading-tool'] }), 'feed')).toMatchObject({
      upper: 'pitch',
      found: { low: 3, high: 3 },
    });
  });

  it('holds the width of a side cut by power or by the cutter', () => {
    expect(of(setup({ machine: mill, operation: 'mill-side', tool: END_MILL }), 'width')).toMatchObject({
      upper: expect.stringMatching(/power|torque|tool-size/),
    });
    expect(held(setup()).some(({ quantity }) => quantity === 'width')).toBe(false);
  });

  it('stops carbide downward and a slender bar by its spring', () => {
    expect(of(setup({ tool: INSERT }), 'speed').lower).toBe('tool-material');
    expect(of(setup({ workDiameterMm: 10, stickOutMm: 90 }), 'depth').upper).toBe('stiffness');
    expect(of(setup({ operation: 'part', tool: TOOLS['parting-blade'] }), 'depth').upper).toBe('tool-size');
  });
});

describe('what would break the chip', () => {
  it('is nothing when it breaks already or is not turned', () => {
    expect(
      toBreak(
        setup({ stock: { ...setup().stock, materialKey: 'brass-free-cutting' } }),
        cutPlan(setup({ stock: { ...setup().stock, materialKey: 'brass-free-cutting' } }), DEFAULT_RULES),
      ),
    ).toBeNull();
    const side = setup({ machine: mill, operation: 'mill-side', tool: END_MILL });
    expect(toBreak(side, cutPlan(side, DEFAULT_RULES))).toBeNull();
  });

  it('is the first lever that does, else a feed, and a depth', () => {
    const feeds = (values: readonly number[]) =>
      values.map((value) => ({ value, setting: `Lever ${value}` }));
    const input = (values: readonly number[]) =>
      setup({
        machine: { ...lathe, condition: 'rigid', feeds: feeds(values) },
        stock: { ...setup().stock, materialKey: 'medium-carbon' },
        depthMm: 1,
        feedByHand: 0.05,
        tool: { ...INSERT, rakeDeg: 0 },
        workDiameterMm: 60,
      });
    const broken = (of: CutSetup) => toBreak(of, cutPlan(of, DEFAULT_RULES));
    const breaksAt = (of: CutSetup, mmRev: number) =>
      forecast(of, planWith(cutPlan(of, DEFAULT_RULES), { mmRev })).chip!.breaks;
    const two = input([0.05, 0.49, 0.5]);
    expect([0.05, 0.49, 0.5].map((mmRev) => breaksAt(two, mmRev))).toEqual([false, true, true]);
    expect(broken(two)).toMatchObject({ feedMmRev: 0.49, setting: 'Lever 0.49' });
    // No lever does: the first step of a twentieth at which it breaks.
    const none = broken(input([0.05, 0.06]))!;
    expect(none.setting).toBeNull();
    expect(Math.log(none.feedMmRev! / 0.05) / Math.log(1.05)).toBeCloseTo(
      Math.round(Math.log(none.feedMmRev! / 0.05) / Math.log(1.05)),
      6,
    );
    expect([none.feedMmRev! / 1.05, none.feedMmRev!].map((mmRev) => breaksAt(two, mmRev))).toEqual([
      false,
      true,
    ]);
    // A lever beyond what nose and machine take is not proposed.
    expect(broken(input([0.05, 0.6]))!.setting).toBeNull();
  });

  it('a lever that the model says breaks it does so in the forecast', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('free-machining-steel', 'medium-carbon', 'ductile-iron', 'aluminium-cast-silicon'),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (materialKey, depthMm) => {
          const input = setup({
            machine: {
              ...lathe,
              condition: 'rigid',
              feeds: [0.05, 0.1, 0.2, 0.3, 0.4, 0.6].map((value) => ({ value, setting: `L${value}` })),
            },
            stock: { ...setup().stock, materialKey },
            depthMm,
            tool: { ...INSERT, rakeDeg: 0 },
            workDiameterMm: 60,
          });
          const plan = cutPlan(input, DEFAULT_RULES);
          const found = toBreak(input, plan);
          const { feedMmRev = null, depthMm: deeper = null } = found ?? {};
          const changes = [feedMmRev && { mmRev: feedMmRev }, deeper && { depthMm: deeper }];
          const broken = changes.flatMap((change) =>
            change ? [forecast(input, planWith(plan, change)).chip!.breaks] : [],
          );
          expect(broken).not.toContain(false);
        },
      ),
      { numRuns: 100 },
    );
  });
});

describe('a wanted finish', () => {
  it('asks for a feed that leaves it, and a finer one for a finer finish', () => {
    const input = setup({ machine: lathe });
    const plan = cutPlan(input, DEFAULT_RULES);
    const rough = finishWish(input, plan, 6.3)!;
    const fine = finishWish(input, plan, 3.2)!;
    expect(fine.feedMmRev!).toBeLessThan(rough.feedMmRev!);
    expect(forecast(input, planWith(plan, { mmRev: fine.feedMmRev! })).finish!.realisticRaUm).toBeCloseTo(
      3.2,
      1,
    );
    expect(fine.lever!.value).toBeLessThanOrEqual(fine.feedMmRev!);
    expect(finishWish(input, plan, 0.01)).toMatchObject({ feedMmRev: null, lever: null });
  });

  it('or for a nose that leaves it at the feed as it is', () => {
    const input = setup({ machine: lathe });
    const plan = cutPlan(input, DEFAULT_RULES);
    const { noseMm } = finishWish(input, plan, 1.6)!;
    const rounder = { ...input, tool: { ...TOOLS['turning-tool'], noseRadiusMm: noseMm! } };
    expect(
      forecast(
        rounder,
        planWith(cutPlan(rounder, DEFAULT_RULES), { rpm: plan.speed.rungRpm, mmRev: plan.feed.mmRev }),
      ).finish!.realisticRaUm,
    ).toBeLessThanOrEqual(1.7);
    expect(
      finishWish(setup({ machine: mill, operation: 'mill-side', tool: END_MILL }), plan, 1.6),
    ).toBeNull();
  });
});

describe('a sweep', () => {
  it('is the forecast of the plan with that one number', () => {
    const input = setup({ machine: lathe });
    const plan = cutPlan(input, DEFAULT_RULES);
    for (const by of ['speed', 'feed', 'depth'] as const) {
      const point = sweep(input, DEFAULT_RULES, by)[3]!;
      const change = { speed: { rpm: point.at }, feed: { mmRev: point.at }, depth: { depthMm: point.at } };
      const { power, finish, heat, life, passS } = forecast(input, planWith(plan, change[by]));
      expect(point).toEqual({
        at: point.at,
        share: power!.share,
        raUm: finish!.realisticRaUm,
        interfaceC: heat!.interfaceC,
        lifeMinutes: life!.minutes,
        passS,
      });
    }
    const depths = sweep(input, DEFAULT_RULES, 'depth').map(({ at }) => at);
    expect(depths[0]).toBeCloseTo(plan.depth.mm / 3, 9);
    expect(depths.at(-1)).toBeCloseTo(plan.depth.mm * 3, 9);
    expect(planWith(plan, { rpm: 100, mmRev: 0.2 }).feed.mmMin).toBeCloseTo(20, 9);
  });

  it('leaves out what is not told of an operation', () => {
    const knurl = setup({ operation: 'knurl' });
    expect(sweep(knurl, DEFAULT_RULES, 'speed')[0]).toMatchObject({
      share: null,
      raUm: null,
      interfaceC: null,
      lifeMinutes: null,
    });
  });

  it('goes through the machine’s steps, and on a scale of ratios for feed and depth', () => {
    const input = setup({ machine: lathe });
    expect(sweep(input, DEFAULT_RULES, 'speed').map(({ at }) => at)).toEqual(
      lathe.speeds.map(({ rpm }) => rpm),
    );
    const feeds = sweep(input, DEFAULT_RULES, 'feed');
    expect(feeds.at(-1)!.at / feeds[0]!.at).toBeCloseTo(9, 6);
  });

  it('rises and falls where physics says so', () => {
    const input = setup({ machine: lathe, workDiameterMm: 40 });
    const rising = (list: readonly (number | null)[]) =>
      list.every((value, i) => value !== null && (i === 0 || value >= list[i - 1]! - 1e-9));
    expect(rising(sweep(input, DEFAULT_RULES, 'feed').map(({ share }) => share))).toBe(true);
    expect(rising(sweep(input, DEFAULT_RULES, 'depth').map(({ share }) => share))).toBe(true);
    expect(rising(sweep(input, DEFAULT_RULES, 'speed').map(({ interfaceC }) => interfaceC))).toBe(true);
    expect(
      rising(sweep(input, DEFAULT_RULES, 'speed').map(({ lifeMinutes }) => lifeMinutes && -lifeMinutes)),
    ).toBe(true);
    expect(rising(sweep(input, DEFAULT_RULES, 'feed').map(({ passS }) => -passS))).toBe(true);
  });
});

describe('a flat face', () => {
  const area = { lengthMm: 150, widthMm: 80, depthMm: 1, pattern: 'one-way' as const };
  const base = setup({
    machine: mill,
    operation: 'face-mill',
    tool: TOOLS['face-mill'],
    stock: { ...setup().stock, materialKey: 'aluminium-wrought' },
  });
  const all = compareCutters(
    base,
    [TOOLS['end-mill'], TOOLS['face-mill'], TOOLS['fly-cutter'], TOOLS.drill],
    DEFAULT_RULES,
    area,
  );

  it('is compared for the cutters that can cover it', () => {
    expect(all.map(({ tool }) => tool.kind).sort()).toEqual(['end-mill', 'face-mill', 'fly-cutter']);
    expect([coversArea('drill'), coversArea('end-mill')]).toEqual([false, true]);
    expect(all.find(({ tool }) => tool.kind === 'end-mill')!.overrunMm).toBe(8);
    const unknown = compareCutters(
      { ...base, machine: HAND_MILL },
      [TOOLS['fly-cutter']],
      DEFAULT_RULES,
      area,
    );
    expect(unknown[0]).toMatchObject({ share: null, within: true });
    for (const one of all) expect(one.area.passes * one.area.stepoverMm).toBeCloseTo(area.widthMm, 9);
  });

  it('puts those within the power first, the quickest of them in front; both ways is quicker', () => {
    const within = all.filter((one) => one.within);
    expect(all.slice(0, within.length)).toEqual(within);
    expect([...within].sort((a, b) => a.area.minutes - b.area.minutes)).toEqual(within);
    const both = compareCutters(base, [TOOLS['end-mill']], DEFAULT_RULES, { ...area, pattern: 'both-ways' });
    expect(both[0]!.area.minutes).toBeLessThan(
      all.find(({ tool }) => tool.kind === 'end-mill')!.area.minutes,
    );
    const deep = compareCutters(base, [TOOLS['face-mill']], DEFAULT_RULES, { ...area, depthMm: 30 });
    expect(deep[0]).toMatchObject({ within: false });
  });
});
