import { feedPer, type CutSetup } from '@pike-stone/core';
import { type Forecast } from '@pike-stone/core/forecast';
import { formatTime, type UnitSystem } from '../format';
import { OPERATION_WORDS } from '../operation/words-of';
import { sayLength, type ForecastRow } from './row';

/** Time of one pass. */
export function timeRow({ passS, lengthMm }: Forecast, setup: CutSetup, units: UnitSystem): ForecastRow {
  const what = OPERATION_WORDS[setup.operation].pass ?? 'of the cut';
  return {
    key: 'time',
    title: `Time for ${sayLength(lengthMm, units)}${feedPer(setup) === 'stroke' ? ' of width' : ''}`,
    value: formatTime(passS),
    level: null,
    lines: [`${what}, without approach and handling.`],
  };
}
