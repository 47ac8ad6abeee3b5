/** Number drills 1 to 80, diameters in inch; index 0 is drill #1. */
const NUMBER_DRILLS_IN: readonly number[] = [
  0.228, 0.221, 0.213, 0.209, 0.2055, 0.204, 0.201, 0.199, 0.196, 0.1935, 0.191, 0.189, 0.185, 0.182, 0.18,
  0.177, 0.173, 0.1695, 0.166, 0.161, 0.159, 0.157, 0.154, 0.152, 0.1495, 0.147, 0.144, 0.1405, 0.136, 0.1285,
  0.12, 0.116, 0.113, 0.111, 0.11, 0.1065, 0.104, 0.1015, 0.0995, 0.098, 0.096, 0.0935, 0.089, 0.086, 0.082,
  0.081, 0.0785, 0.076, 0.073, 0.07, 0.067, 0.0635, 0.0595, 0.055, 0.052, 0.0465, 0.043, 0.042, 0.041, 0.04,
  0.039, 0.038, 0.037, 0.036, 0.035, 0.033, 0.032, 0.031, 0.0292, 0.028, 0.026, 0.025, 0.024, 0.0225, 0.021,
  0.02, 0.018, 0.016, 0.0145, 0.0135,
];

/** Letter drills A to Z, diameters in inch. */
const LETTER_DRILLS_IN: readonly number[] = [
  0.234, 0.238, 0.242, 0.246, 0.25, 0.257, 0.261, 0.266, 0.272, 0.277, 0.281, 0.29, 0.295, 0.302, 0.316,
  0.323, 0.332, 0.339, 0.348, 0.358, 0.368, 0.377, 0.386, 0.397, 0.404, 0.413,
];

export type DrillSize =
  | {
      readonly status: 'ok';
      readonly kind: 'number-drill' | 'letter-drill';
      readonly name: string;
      readonly diameterIn: number;
      readonly diameterMm: number;
    }
  | { readonly status: 'refused'; readonly reason: 'empty' | 'drill-out-of-range' | 'not-a-drill' };

const NUMBER_DRILL = /^(?:#|no\.?|nr\.?|number)\s*(\d+)$/i;
const LETTER_DRILL = /^(?:letter\s+)?([a-z])$/i;

/**
 * Reads a number drill (#1 to #80) or a letter drill (A to Z).
 *
 * Accepts `#7`, `no 7`, `No. 7`, `number 7`, `F`, `letter F`, with or without a
 * trailing "drill".
 *
 * @example drillSize('#7') // { status: 'ok', diameterIn: 0.201, diameterMm: 5.1054, ... }
 */
export function drillSize(designation: string): DrillSize {
  const text = designation
    .trim()
    .replace(/\s*drill$/i, '')
    .trim();
  if (text === '') return { status: 'refused', reason: 'empty' };
  const number = NUMBER_DRILL.exec(text)?.[1];
  if (number !== undefined) {
    const diameterIn = NUMBER_DRILLS_IN[Number(number) - 1];
    if (diameterIn === undefined) return { status: 'refused', reason: 'drill-out-of-range' };
    return {
      status: 'ok',
      kind: 'number-drill',
      name: `#${Number(number)}`,
      diameterIn,
      diameterMm: diameterIn * 25.4,
    };
  }
  const letter = LETTER_DRILL.exec(text)?.[1]?.toUpperCase();
  if (letter !== undefined) {
    const diameterIn = LETTER_DRILLS_IN[letter.charCodeAt(0) - 65]!;
    return { status: 'ok', kind: 'letter-drill', name: letter, diameterIn, diameterMm: diameterIn * 25.4 };
  }
  return { status: 'refused', reason: 'not-a-drill' };
}

/** Every drill of a list with its diameter, for a picker. */
export function drillList(kind: 'number' | 'letter'): readonly { name: string; diameterMm: number }[] {
  return kind === 'number'
    ? NUMBER_DRILLS_IN.map((inch, i) => ({ name: `#${i + 1}`, diameterMm: inch * 25.4 }))
    : LETTER_DRILLS_IN.map((inch, i) => ({ name: String.fromCharCode(65 + i), diameterMm: inch * 25.4 }));
}
