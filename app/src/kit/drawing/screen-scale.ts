import { MM_PER_INCH } from '@pike-stone/core';

/** Pixels of a millimetre by the browser's own measure, 96 to the inch: true on most screens, never quite. */
export const SCREEN_PX_PER_MM = 96 / MM_PER_INCH;
