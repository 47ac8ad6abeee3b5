import { beatForDivisions, divisionsPerBeat, handFeed } from '@pike-stone/core';
import * as z from 'zod';
import { figure, optional, result } from './schema';
import { topic } from './topic';

export const handFeedTopic = topic({
  input: z.strictObject({
    feed_rate_mm_min: figure,
    travel_per_turn_mm: figure,
    divisions: figure,
    beat_s: optional(figure),
    divisions_per_beat: optional(figure),
  }),
  output: z.strictObject({
    seconds_per_turn: result,
    turns_per_min: result,
    divisions_per_second: result,
    divisions_per_beat: result.optional(),
    beat_s: result.optional(),
  }),
  run: (i) => {
    const r = handFeed(i.feed_rate_mm_min, i.travel_per_turn_mm, i.divisions);
    return {
      seconds_per_turn: r.secondsPerTurn,
      turns_per_min: r.turnsPerMin,
      divisions_per_second: r.divisionsPerSecond,
      divisions_per_beat: i.beat_s === undefined ? undefined : divisionsPerBeat(r, i.beat_s),
      beat_s: i.divisions_per_beat === undefined ? undefined : beatForDivisions(r, i.divisions_per_beat),
    };
  },
});
