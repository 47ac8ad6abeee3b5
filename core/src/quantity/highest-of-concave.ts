/** Shares of an interval at which the golden section looks. */
const GOLDEN = (Math.sqrt(5) - 1) / 2;
const LOOKS = 14;

/**
 * The highest value of a concave function on an interval, by golden section. After 14
 * looks the interval is a thousandth of what it was. A top inside the interval is flat,
 * so its value is true to about a millionth; one at an end is only come near to: whoever
 * expects it there looks at the ends as well.
 *
 * @example highestOfConcave((x) => 4 - (x - 1) ** 2, 0, 3) // 4
 */
export function highestOfConcave(of: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  let [left, right] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
  let [atLeft, atRight] = [of(left), of(right)];
  for (let i = 0; i < LOOKS; i += 1) {
    if (atLeft > atRight) {
      high = right;
      right = left;
      atRight = atLeft;
      left = high - GOLDEN * (high - low);
      atLeft = of(left);
    } else {
      low = left;
      left = right;
      atLeft = atRight;
      right = low + GOLDEN * (high - low);
      atRight = of(right);
    }
  }
  return Math.max(atLeft, atRight);
}
