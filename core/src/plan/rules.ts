import type { RungRule } from '../machine/rung-choice';
import type { Shortcut } from '../mechanics/shop-shortcut';
import type { SpeedSchool } from '../mechanics/speed-range';

/** The schools a shop follows. */
export interface ShopRules {
  readonly school: SpeedSchool;
  readonly backOffThird: boolean;
  readonly shortcut: Shortcut;
  readonly rungRule: RungRule;
  readonly overshootPercent: number;
}

/** The middle of the chart, and a speed step up to a tenth above it: the usual of small shops. */
export const DEFAULT_RULES: ShopRules = {
  school: 'middle',
  backOffThird: false,
  shortcut: '1000*v/(pi*D)',
  rungRule: 'overshoot',
  overshootPercent: 10,
};
