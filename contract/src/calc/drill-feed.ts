import { drillFeedByTable } from '@pike-stone/core';
import * as z from 'zod';
import { figure, yesNo, optional, result, drillGroup } from './schema';
import { topic } from './topic';

export const drillFeedTopic = topic({
  input: z.strictObject({ diameter_mm: figure, group: drillGroup, hand_fed: optional(yesNo) }),
  output: z.strictObject({ feed_mm_rev: result }),
  run: (i) => ({ feed_mm_rev: drillFeedByTable(i.diameter_mm, i.group, i.hand_fed) }),
});
