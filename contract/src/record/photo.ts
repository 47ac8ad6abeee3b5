import * as z from 'zod';

/** Longest picture that is kept, in characters of base64: about 36 kB. */
export const PHOTO_LENGTH = 48_000;

/** A picture of a tool or a store, under the id of what it shows: a small JPEG as base64. */
export const photoBody = z.object({
  jpeg: z
    .string()
    .max(PHOTO_LENGTH, 'The picture is too large.')
    .regex(/^\/9j\/[A-Za-z0-9+/]+={0,2}$/, 'Not a JPEG picture.')
    .or(z.literal('')),
});
