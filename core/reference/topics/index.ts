import { CUT_TOPICS } from './cut';
import { FORECAST_TOPICS } from './forecast';
import { MACHINE_TOPICS } from './machine';
import type { Topics } from './values';

export type { Values } from './values';

/** Each topic of the reference cases and the core function it drives. */
export const TOPICS: Topics = { ...CUT_TOPICS, ...MACHINE_TOPICS, ...FORECAST_TOPICS };
