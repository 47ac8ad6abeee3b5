const PLAIN_NUMBER = /^-?(\d+\.?\d*|\.\d+)$/;

/**
 * A number as it is typed, with a point or a comma.
 *
 * @returns null when it is empty or is no plain number: a power of ten, a fraction, a word
 * @example readNumber(' 2,5 ') // 2.5
 */
export function readNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.');
  return PLAIN_NUMBER.test(plain) ? Number(plain) : null;
}
