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
          if (found?.feedMmRev)
            expect(forecast(input, planWith(plan, { mmRev: found.feedMmRev })).chip!.breaks).toBe(true);
          if (found?.depthMm)
            expect(forecast(input, planWith(plan, { depthMm: found.depthMm })).chip!.breaks).toBe(true);
          return true;
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
    expect(coversArea('drill')).toBe(false);
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
