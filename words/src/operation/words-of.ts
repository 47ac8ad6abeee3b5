import type { OperationKey, Way } from '@pike-stone/core';
import { HOLE_WORDS } from './hole';
import { LATHE_WORDS } from './lathe';
import { MILL_WORDS } from './mill';
import type { OperationWords } from './operation-words';
import { SHAPER_WORDS } from './shaper';

/** Words of every operation, by its key. */
export const OPERATION_WORDS: Readonly<Record<OperationKey, OperationWords>> = {
  ...LATHE_WORDS,
  ...HOLE_WORDS,
  ...MILL_WORDS,
  ...SHAPER_WORDS,
};

/** Words of the ways of doing an operation. */
export const WAY_WORDS: Readonly<Record<Way, string>> = {
  compound: 'Compound slide',
  'set-over': 'Tailstock set over',
  'offset-head': 'Offset head',
  outside: 'Outside',
  inside: 'Inside',
};

/** Name of an operation without its stock: "Cut a thread". */
export const operationName = (operation: OperationKey): string =>
  OPERATION_WORDS[operation].verb.replace(/ (on|in|into)$/, '');
