import type { InstrumentKind } from '@pike-stone/contract';

/** A line of an instrument after reading. */
export type InstrumentLine =
  | { readonly is: 'hello'; readonly standIn: boolean }
  | { readonly is: 'reading'; readonly t: number; readonly value: number | null }
  /** The instrument is alive and has nothing to tell. */
  | { readonly is: 'idle' };

const WORD: Readonly<Record<InstrumentKind, string>> = {
  tachometer: 'TACH',
  ammeter: 'AMP',
  balance: 'BAL',
  caliper: 'CAL',
  'angle-gauge': 'ANG',
};
const UNIT: Readonly<Record<InstrumentKind, string>> = {
  tachometer: 'P',
  ammeter: 'A',
  balance: 'g',
  caliper: 'mm',
  'angle-gauge': 'deg',
};
const NUMBER = String.raw`-?\d{1,9}(?:\.\d{1,6})?`;
/** Pattern of a reading: time and value; a tachometer's pulse has a time only. */
const reading = (kind: InstrumentKind): RegExp => {
  const value = kind === 'tachometer' ? '' : ` (${NUMBER})`;
  return new RegExp(`^${WORD[kind]} (${NUMBER})${value} ${UNIT[kind]}$`);
};

/**
 * Reads a line of an instrument; null when it is not one (cut off, garbled).
 *
 * ```
 *   HELLO TACH STAND-IN     who it is; STAND-IN when it is simulated
 *   TACH 12.3456 P          a pulse, seconds of its own clock
 *   CAL 12.30 25.38 mm      a value: AMP .. A, CAL .. mm, ANG .. deg
 *   TACH 12.50 -            alive, nothing to tell
 * ```
 */
export function readInstrumentLine(kind: InstrumentKind, text: string): InstrumentLine | null {
  const hello = new RegExp(`^HELLO ${WORD[kind]}( STAND-IN)?$`).exec(text);
  if (hello) return { is: 'hello', standIn: hello[1] !== undefined };
  if (new RegExp(`^${WORD[kind]} ${NUMBER} -$`).test(text)) return { is: 'idle' };
  const found = reading(kind).exec(text);
  if (!found) return null;
  return { is: 'reading', t: Number(found[1]), value: kind === 'tachometer' ? null : Number(found[2]) };
}
