import { type CutPlan } from '@pike-stone/core';
import { type Forecast } from '@pike-stone/core/forecast';
import type { ForecastRow } from './row';

const LIFE_SHOWN_MIN = [2, 240] as const;

/** Minutes of an edge's life, or the end of the range that can be told. */
export const formatLife = (value: number): string =>
  value < LIFE_SHOWN_MIN[0]
    ? `under ${LIFE_SHOWN_MIN[0]}`
    : value > LIFE_SHOWN_MIN[1]
      ? `over ${LIFE_SHOWN_MIN[1]}`
      : String(Number(value.toPrecision(2)));

/** Minutes of cutting that the edge lasts. */
export function lifeRow({ life }: Forecast, plan: CutPlan): ForecastRow | null {
  if (life === null)
    return plan.edge.family === 'carbide' && plan.speed.actualMPerMin < plan.speed.range.leastUsefulMPerMin
      ? {
          key: 'life',
          title: 'Edge lasts',
          value: 'not to be told',
          level: 'caution',
          lines: ['Below carbide’s useful speed the built-up edge takes the corner off, sooner or later.'],
        }
      : null;
  return {
    key: 'life',
    title: 'Edge lasts, minutes of cutting',
    value:
      life.minutes > LIFE_SHOWN_MIN[1]
        ? `over ${LIFE_SHOWN_MIN[1]}`
        : `${formatLife(life.lowMinutes)} to ${formatLife(life.highMinutes)}`,
    level: life.minutes < 10 ? 'caution' : null,
    lines: [
      `Taylor, with typical constants: half to double at least. Ten percent faster costs ${plan.edge.family === 'hss' ? 'high speed steel about half' : 'carbide about a third'} of it.`,
    ],
  };
}
