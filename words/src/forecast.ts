import type { CutPlan, CutSetup } from '@pike-stone/core';
import type { Forecast } from '@pike-stone/core/forecast';
import { chipRow } from './forecast/chip';
import { finishRow } from './forecast/finish';
import { heatRow } from './forecast/heat';
import { lifeRow } from './forecast/life';
import { limitsRow } from './forecast/limits';
import { powerRow } from './forecast/power';
import { springRow } from './forecast/spring';
import { timeRow } from './forecast/time';
import type { ForecastRow } from './forecast/row';
import type { UnitSystem } from './format';

export { formatLife } from './forecast/life';
export { sayBestChange, saySureness } from './forecast/sureness';
export type { ForecastRow } from './forecast/row';

/** The rows of the forecast, the most pressing first. */
export function sayForecast(
  f: Forecast,
  setup: CutSetup,
  plan: CutPlan,
  units: UnitSystem,
): readonly ForecastRow[] {
  const rows = [
    limitsRow(f, setup, plan, units),
    powerRow(f, setup, plan, units),
    springRow(f, setup, units),
    chipRow(f, setup, plan, units),
    finishRow(f, setup, units),
    heatRow(f, plan, units),
    lifeRow(f, plan),
    timeRow(f, setup, units),
  ].filter((row): row is ForecastRow => row !== null);
  const rank = { danger: 0, caution: 1, none: 2 } as const;
  return rows.sort((a, b) => rank[a.level ?? 'none'] - rank[b.level ?? 'none']);
}
