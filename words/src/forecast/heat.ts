import { type CutPlan } from '@pike-stone/core';
import { type Forecast } from '@pike-stone/core/forecast';
import { formatHeat, type UnitSystem } from '../format';
import type { ForecastRow } from './row';

/** Heat at the edge, and what the colour of the chip says of it. */
export function heatRow({ heat }: Forecast, plan: CutPlan, units: UnitSystem): ForecastRow | null {
  if (!heat) return null;
  const shown = (c: number) => formatHeat(c, units);
  return {
    key: 'heat',
    title: 'Heat at the edge',
    value: `about ${shown(heat.interfaceC)}`,
    level: heat.verdict === 'good' ? null : 'caution',
    lines: [
      `${plan.edge.name} goes quickly at ${shown(plan.edge.hotLimitC)}; known within about 20 %${heat.trust < 1 ? ', scaled to the chart, which shops have proved' : ''}.`,
      heat.colour
        ? `Chips come off ${heat.colour.colour}${plan.edge.family === 'hss' ? '; brown or darker means slow down' : ''}.`
        : 'The colour of this chip says nothing.',
      ...(heat.verdict === 'over'
        ? [
            'By this the edge does not stand long: look at the chip, then one step down, or fluid all the time.',
          ]
        : heat.verdict === 'watch'
          ? ['Watch the chip; one step down when it darkens.']
          : []),
    ],
  };
}
