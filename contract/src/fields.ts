import * as z from 'zod';

/** Schemas of form fields, each with the sentence shown when the value does not fit. */

/** Longest name that fits on one line of a phone. */
const NAME_LENGTH = 60;
export const REMARK_LENGTH = 2000;

export const name = z
  .string({ error: 'Give it a name.' })
  .trim()
  .min(1, 'Give it a name.')
  .max(NAME_LENGTH, `Keep the name under ${NAME_LENGTH} characters.`);

/** The note of a record. */
export const note = z.string().max(500, 'Keep the note under 500 characters.');

export const setting = z
  .string()
  .trim()
  .min(1, 'Say how it is set: belt, lever or gear.')
  .max(60, 'Keep it under 60 characters.');

/** A number from low to high, ends included, with the same sentence for every fault. */
export const between = (low: number, high: number, unit = '') => {
  const sentence = `Must be a number from ${low} to ${high}${unit && ` ${unit}`}.`;
  return z.number({ error: sentence }).min(low, sentence).max(high, sentence);
};

export const length = (low: number, high: number) => between(low, high, 'mm');
export const whole = (low: number, high: number) =>
  between(low, high).int(`Must be a whole number from ${low} to ${high}.`);
/** An id, kept in small letters: pages compare ids as text. */
export const id = z.uuidv7({ error: 'Not an id of ours.' }).toLowerCase();

/** Checks that rows are ascending without doubles; the sentence is put at the first row that is not. */
export const ascending =
  <Row>(of: (row: Row) => number, what: string) =>
  (rows: readonly Row[], context: z.RefinementCtx) => {
    rows.forEach((row, i) => {
      const before = rows[i - 1];
      if (before !== undefined && of(row) <= of(before)) {
        context.addIssue({
          code: 'custom',
          path: [i],
          message: `${what} must rise down the list; this one is not above the one before.`,
        });
      }
    });
  };
