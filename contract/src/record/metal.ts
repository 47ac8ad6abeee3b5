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

/** A metal as this shop knows it: a row of the library with the shop's own values in place of some. */
export const metalBody = z.object({
  name,
  baseKey: z.enum(libraryKeys, { error: 'Choose the nearest metal of the library.' }),
  /** m/min for turning. */
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

/** What a piece is made of: a row of the library by its key, or a metal of the shop by its id. */
export const metalName = z
  .string()
  .refine(
    (given) => libraryKeys.includes(given) || id.safeParse(given).success,
    'Choose the nearest metal of the list.',
  );
