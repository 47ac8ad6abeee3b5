import { regrindCost } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const regrindCostTopic = topic({
  input: z.strictObject({
    price_new: figure,
    regrinds: figure,
    minutes_per_regrind: figure,
    labour_per_h: figure,
    wheel_cost: figure,
    life_ratio: figure,
    send_out_fee: figure,
    send_out_life_ratio: figure,
  }),
  output: z.strictObject({
    own_cost_per_regrind: result,
    per_life_buy: result,
    per_life_own: result,
    per_life_send_out: result,
    cheapest: oneOf(['own', 'send-out', 'buy']),
    break_even_minutes: result,
  }),
  run: (i) => {
    const r = regrindCost({
      price: i.price_new,
      regrinds: i.regrinds,
      minutes: i.minutes_per_regrind,
      ratePerHour: i.labour_per_h,
      wheelCost: i.wheel_cost,
      lifeRatio: i.life_ratio,
      sendOutFee: i.send_out_fee,
      sendOutLifeRatio: i.send_out_life_ratio,
    });
    return {
      own_cost_per_regrind: r.eachCost,
      per_life_buy: r.perLife.buy,
      per_life_own: r.perLife.own,
      per_life_send_out: r.perLife['send-out'],
      cheapest: r.cheapest,
      break_even_minutes: r.breakEvenMin,
    };
  },
});
