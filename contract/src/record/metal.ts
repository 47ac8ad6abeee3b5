import { MATERIALS } from '@pike-stone/core';
import * as z from 'zod';
import { between, id, name, note } from '../fields';

const libraryKeys = MATERIALS.map((row) => row.key) as [string, ...string[]];
const range = z
  .tuple([between(0.5, 2_000, 'm/min'), between(0.5, 2_000, 'm/min')])
  .refine(([low, high]) => high >= low, {
    message: 'The high end must not be below the low end.',
    path: [1],
  });

/** A metal of the shop: a library metal with the shop's own values in place of some. */
export const metalBody = z.object({
  name,
  baseKey: z.enum(libraryKeys, { error: 'Choose the nearest metal of the library.' }),
  /** Speed ranges for turning, m/min. */
  ownSpeeds: z.object({
    hss: range.optional(),
    'hss-co': range.optional(),
    'brazed-carbide': range.optional(),
    'carbide-uncoated': range.optional(),
    'carbide-coated': range.optional(),
  }),
  fzPerDiameter: between(0.0005, 0.05).optional(),
  drillFeedFactor: between(0.1, 5).optional(),
  note,
});
export type MetalBody = z.infer<typeof metalBody>;

/** Reference to a metal: the key of a library metal or the id of a metal of the shop. */
export const metalName = z
  .string()
  .toLowerCase()
  .refine(
    (given) => libraryKeys.includes(given) || id.safeParse(given).success,
    'Choose the nearest metal of the list.',
  );
