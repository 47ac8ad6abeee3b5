import type { DressWay, WheelSign } from './wheel-names';

/** What to do about a sign, in order; the words stand elsewhere. */
export type WheelAct =
  | 'dress'
  | 'true'
  | 'softer-grade'
  | 'open-structure'
  | 'check-material'
  | 'check-flanges'
  | 'move-across'
  | 'coarser-lead'
  | 'lighter-hand'
  | 'pause-longer'
  | 'coarser-grit';

const ACTS: Readonly<Record<WheelSign, readonly WheelAct[]>> = {
  glazed: ['dress', 'softer-grade'],
  loaded: ['check-material', 'dress', 'open-structure'],
  'out-of-true': ['true', 'check-flanges'],
  grooved: ['true', 'move-across'],
  slow: ['dress', 'coarser-lead', 'coarser-grit'],
  burning: ['lighter-hand', 'pause-longer', 'dress', 'softer-grade'],
};

/** What to do, the first thing first. */
export const actsFor = (sign: WheelSign): readonly WheelAct[] => ACTS[sign];

/** The way to dress for a sign: a wheel that is out of true or grooved needs the diamond. */
export function dressFor(sign: WheelSign, finishes: boolean): DressWay {
  if (sign === 'out-of-true' || sign === 'grooved') return finishes ? 'diamond' : 'diamond-then-star';
  return finishes ? 'diamond' : 'diamond-then-stick';
}
