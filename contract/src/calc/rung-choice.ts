import { chooseRung } from '@pike-stone/core';
import * as z from 'zod';
import { figure, figures, oneOf, optional, result } from './schema';
import { topic } from './topic';

export const rungChoiceTopic = topic({
  input: z.strictObject({
    rungs_rpm: figures(200),
    target_rpm: figure,
    rule: optional(oneOf(['not-above', 'overshoot', 'nearest'])),
    overshoot_percent: optional(figure),
  }),
  output: z.strictObject({
    chosen_rpm: result,
    ratio: result,
    below_rpm: result.nullable(),
    above_rpm: result.nullable(),
    machine_too_fast: z.boolean(),
    machine_too_slow: z.boolean(),
  }),
  run: (i) => {
    const r = chooseRung(i.rungs_rpm, i.target_rpm, i.rule, i.overshoot_percent);
    return {
      chosen_rpm: r.chosenRpm,
      ratio: r.ratio,
      below_rpm: r.belowRpm,
      above_rpm: r.aboveRpm,
      machine_too_fast: r.machineTooFast,
      machine_too_slow: r.machineTooSlow,
    };
  },
});
