import { slenderLimitTopic } from './slender-limit';

/** Calculations about holes, slender work, and ceilings of feed and speed. */
export const HOLE_TOPICS = { 'slender-limit': slenderLimitTopic } as const;
