import type { BitBody } from '@pike-stone/contract';
import { regrindsLeft, STOCK_MM } from '@pike-stone/core/grind';

/** Regrinds that a bit has left. */
export const leftOf = ({ blank, gripMm, overhangMm }: BitBody): number =>
  regrindsLeft(blank.lengthMm, gripMm, overhangMm, STOCK_MM.regrind, 0).regrinds;
