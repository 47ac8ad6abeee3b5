import { positive, within } from '../quantity/out-of-range';

/** What a sharpening costs at home and away, against a new tool. */
export interface RegrindCosts {
  readonly price: number;
  readonly regrinds: number;
  readonly minutes: number;
  readonly ratePerHour: number;
  readonly wheelCost: number;
  /** Life of an edge ground here against a new one. */
  readonly lifeRatio: number;
  readonly sendOutFee: number;
  readonly sendOutLifeRatio: number;
}

export type Cheapest = 'own' | 'send-out' | 'buy';

/**
 * Cost of one life of an edge: ground here, sent out, bought new. Each is
 * (price + n c) / (1 + n q) with n sharpenings of cost c and life ratio q. Skill, waiting time and a
 * form that is not for sale may outweigh money: it shows the figure and does not decide.
 *
 * @returns `breakEvenMin`: minutes a sharpening from which a new tool is cheaper
 * @example regrindCost({ price: 28, regrinds: 6, minutes: 8, ratePerHour: 30, wheelCost: 0.3, lifeRatio: 0.8, sendOutFee: 9, sendOutLifeRatio: 0.95 }).perLife.own // 9.28
 */
export function regrindCost(costs: RegrindCosts) {
  const rate = positive('cost of an hour', costs.ratePerHour);
  const n = within('regrinds', costs.regrinds, 0, 1e6);
  const each = (costs.minutes * rate) / 60 + costs.wheelCost;
  const over = (cost: number, ratio: number): number => (costs.price + n * cost) / (1 + n * ratio);
  const perLife: Readonly<Record<Cheapest, number>> = {
    own: over(each, positive('life ratio', costs.lifeRatio)),
    'send-out': over(costs.sendOutFee, positive('life ratio', costs.sendOutLifeRatio)),
    buy: costs.price,
  };
  const ways: readonly Cheapest[] = ['own', 'send-out', 'buy'];
  return {
    eachCost: each,
    perLife,
    cheapest: ways.reduce((best, way) => (perLife[way] < perLife[best] ? way : best)),
    breakEvenMin: ((costs.lifeRatio * costs.price - costs.wheelCost) * 60) / rate,
  };
}
