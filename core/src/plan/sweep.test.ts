import { BELT_LATHE, MOTOR, setup } from '../fixture';
import { cutPlan } from './cut-plan';
import { forecast } from './forecast';
import { DEFAULT_RULES } from './rules';
import { planWith, sweep } from './sweep';

const lathe = { ...BELT_LATHE, motor: MOTOR };

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
