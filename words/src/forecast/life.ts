import { type CutPlan } from '@pike-stone/core';
import { type Forecast } from '@pike-stone/core/forecast';
import { formatPercent } from '../format';
import type { ForecastRow } from './row';

const LIFE_SHOWN_MIN = [2, 240] as const;

/** Minutes of an edge's life, or the end of the range that can be told. */
export const formatLife = (value: number): string =>
  value < LIFE_SHOWN_MIN[0]
    ? `under ${LIFE_SHOWN_MIN[0]}`
    : value > LIFE_SHOWN_MIN[1]
      ? `over ${LIFE_SHOWN_MIN[1]}`
      : String(Number(value.toPrecision(2)));

/** What a tenth more speed takes off the life of this edge, by Taylor's exponent. */
const costOfTen = ({ edge }: CutPlan): string => formatPercent(1 - 1.1 ** (-1 / edge.life.n));

/** Minutes of cutting that the edge lasts. */
export function lifeRow({ life }: Forecast, plan: CutPlan): ForecastRow | null {
  if (life === null)
    return plan.edge.family === 'carbide' && plan.speed.actualMPerMin < plan.speed.range.leastUsefulMPerMin
      ? {
          key: 'life',
          title: 'Edge lasts',
          value: 'not to be told',
          level: 'caution',
          lines: ['Below carbide’s useful speed chipping and built-up edge decide, not wear.'],
        }
      : null;
  return {
    key: 'life',
    title: 'Edge lasts, minutes of cutting',
    value:
      life.minutes > LIFE_SHOWN_MIN[1] || life.highMinutes < LIFE_SHOWN_MIN[0]
        ? formatLife(life.minutes)
        : `${formatLife(life.lowMinutes)} to ${formatLife(life.highMinutes)}`,
    level: life.minutes < 10 ? 'caution' : null,
    lines: [
      `Laid through the chart: about ${plan.edge.life.minutes} minutes in its middle, half to double at least. Ten percent faster costs ${costOfTen(plan)} of it.`,
    ],
  };
}
