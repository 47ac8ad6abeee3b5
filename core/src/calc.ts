import { CUT_TOPICS } from './calc/cut';
import { FORECAST_TOPICS } from './calc/forecast';
import { MACHINE_TOPICS } from './calc/machine';
import { SETTING_TOPICS } from './calc/setting';
import type { Topics } from './calc/values';

export type { Values } from './calc/values';

/** Every calculation by its topic, in and out as plain JSON with the unit in each key. */
export const TOPICS: Topics = { ...CUT_TOPICS, ...MACHINE_TOPICS, ...FORECAST_TOPICS, ...SETTING_TOPICS };
