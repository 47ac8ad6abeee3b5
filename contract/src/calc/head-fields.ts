import * as z from 'zod';
import { whole } from './schema';

/** A dividing head and its plates: circles of holes by side. */
export const headFields = {
  ratio: whole(1, 360),
  divisions: whole(1, 10_000),
  plates: z
    .array(z.array(whole(1, 1000)).min(1, 'Give at least one.').max(30, 'No more than 30.'))
    .min(1, 'Give at least one.')
    .max(12, 'No more than 12.'),
};
