import { surfaceSpeed } from '../mechanics/spindle-speed';
import type { CutPlan } from '../operation/cut-plan';
import type { CutSetup } from '../operation/registry';
import { cutPlan } from './cut-plan';
import type { ShopRules } from './rules';
import { forecast } from './forecast';

export type SweptBy = 'speed' | 'feed' | 'depth';

/** What the cut would do with one thing changed. */
export interface SweepPoint {
  /** rpm, mm/rev or mm. */
  readonly at: number;
  readonly share: number | null;
  readonly raUm: number | null;
  readonly interfaceC: number | null;
  readonly lifeMinutes: number | null;
  readonly passS: number;
}

const POINTS = 48;
const SPAN = 3;

/** The plan with one number put in place of its own; nothing else moves. */
export function planWith(
  plan: CutPlan,
  change: { readonly rpm?: number; readonly mmRev?: number; readonly depthMm?: number },
): CutPlan {
  const rpm = change.rpm ?? plan.speed.rungRpm;
  const mmRev = change.mmRev ?? plan.feed.mmRev;
  return {
    ...plan,
    speed: { ...plan.speed, rungRpm: rpm, actualMPerMin: surfaceSpeed(rpm, plan.diameterMm) },
    feed: { ...plan.feed, mmRev, mmMin: mmRev * rpm },
    depth: { ...plan.depth, mm: change.depthMm ?? plan.depth.mm },
  };
}

/**
 * How power, finish, heat, edge life and time go when speed, feed or depth is
 * changed alone: the machine's steps for the speed, a range from a third to three
 * times for the others.
 */
export function sweep(setup: CutSetup, rules: ShopRules, by: SweptBy): SweepPoint[] {
  const plan = cutPlan(setup, rules);
  const spread = (middle: number): number[] =>
    Array.from({ length: POINTS }, (_, i) => (middle / SPAN) * SPAN ** ((2 * i) / (POINTS - 1)));
  const ats =
    by === 'speed'
      ? setup.machine.speeds.map(({ rpm }) => rpm)
      : spread(by === 'feed' ? plan.feed.mmRev : plan.depth.mm);
  return ats.map((at) => {
    const changed = planWith(
      plan,
      by === 'speed' ? { rpm: at } : by === 'feed' ? { mmRev: at } : { depthMm: at },
    );
    const f = forecast(setup, changed);
    return {
      at,
      share: f.power?.share ?? null,
      raUm: f.finish?.realisticRaUm ?? null,
      interfaceC: f.heat?.interfaceC ?? null,
      lifeMinutes: f.life?.minutes ?? null,
      passS: f.passS,
    };
  });
}
