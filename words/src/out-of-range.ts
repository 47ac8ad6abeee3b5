import { capital } from './capital';
import type { OutOfRange } from '@pike-stone/core';

/** A refusal of the core as a sentence: what must lie where, and what it was. */
export function sayOutOfRange({ what, value, least, most }: OutOfRange): string {
  const name = capital(what);
  const was = Number.isFinite(value) ? `, not ${value}` : '';
  if (most !== Infinity) return `${name} must be from ${least} to ${most}${was}.`;
  return `${name} must be ${least === 0 ? 'more than 0' : `${least} or more`}${was}.`;
}
