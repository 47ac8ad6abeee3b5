import { OutOfRange } from '@pike-stone/core';
import * as z from 'zod';

/** Codes of the case files for what the core refuses, by the value it names. */
const BY_VALUE: Readonly<Record<string, string>> = {
  'wheel radius': 'bad-wheel-radius',
  'wheel diameter': 'bad-wheel-radius',
  'contact height': 'contact-out-of-range',
  'ground width': 'land-out-of-range',
  'number of ratings': 'no-rating',
  'number of spells': 'bad-schedule',
  'seconds of a spell': 'bad-schedule',
  'temperature of the table': 'above-table',
  feed: 'feed-too-large',
  'secondary raise': 'secondary-too-small',
  'taper of the stone': 'not-tapered',
  'radius on the stone': 'radius-not-on-stone',
  'place on the stone': 'off-the-stone',
};

/** The same for what the schema of a question refuses, by its first key. */
const BY_KEY: Readonly<Record<string, string>> = {
  material: 'unknown-material',
  work_material: 'unknown-material',
  abrasive: 'unknown-abrasive',
  feature: 'unknown-feature',
  schedule: 'bad-schedule',
};

/** Code of the case files for a refusal; whatever has none of its own is bad input. */
export function refusalCode(error: unknown): string {
  if (error instanceof OutOfRange) return BY_VALUE[error.what] ?? 'bad-input';
  if (error instanceof z.ZodError) return BY_KEY[String(error.issues[0]?.path[0])] ?? 'bad-input';
  return String(error);
}
