import { OutOfRange } from './out-of-range';

/** Numerator and denominator of a rational approximation, the constant first. */
type Rational = readonly [over: readonly number[], under: readonly number[]];

const MIDDLE: Rational = [
  [
    3.3871328727963665, 133.14166789178438, 1971.5909503065513, 13731.69376550946, 45921.95393154987,
    67265.7709270087, 33430.57558358813, 2509.0809287301227,
  ],
  [
    1, 42.31333070160091, 687.1870074920579, 5394.196021424751, 21213.794301586597, 39307.89580009271,
    28729.085735721943, 5226.495278852854,
  ],
];
const TAIL: Rational = [
  [
    1.4234371107496835, 4.630337846156546, 5.769497221460691, 3.6478483247632045, 1.2704582524523684,
    0.2417807251774506, 0.022723844989269184, 0.0007745450142783414,
  ],
  [
    1, 2.053191626637759, 1.6763848301838038, 0.6897673349851, 0.14810397642748008, 0.015198666563616457,
    0.0005475938084995345, 1.0507500716444169e-9,
  ],
];
const FAR_TAIL: Rational = [
  [
    6.657904643501103, 5.463784911164114, 1.7848265399172913, 0.29656057182850487, 0.026532189526576124,
    0.0012426609473880784, 0.000027115555687434876, 2.0103343992922881e-7,
  ],
  [
    1, 0.599832206555888, 0.1369298809227358, 0.014875361290850615, 0.0007868691311456133,
    0.000018463183175100548, 1.421511758316446e-7, 2.0442631033899397e-15,
  ],
];

const polynomial = (terms: readonly number[], x: number): number =>
  terms.reduceRight((sum, term) => sum * x + term, 0);
const at = ([over, under]: Rational, x: number): number => polynomial(over, x) / polynomial(under, x);

/**
 * The value below which a share of a standard normal scatter lies.
 *
 * To about one part in 10^16. Source: Wichura, algorithm AS 241 (1988).
 *
 * @param share  between 0 and 1, ends not included
 * @throws OutOfRange for a share outside
 * @example inverseNormal(0.975) // 1.959963985
 */
export function inverseNormal(share: number): number {
  if (!(share > 0 && share < 1)) throw new OutOfRange('share', share, 0, 1);
  const fromMiddle = share - 0.5;
  if (Math.abs(fromMiddle) <= 0.425) return fromMiddle * at(MIDDLE, 0.180625 - fromMiddle ** 2);
  const r = Math.sqrt(-Math.log(Math.min(share, 1 - share)));
  const z = r <= 5 ? at(TAIL, r - 1.6) : at(FAR_TAIL, r - 5);
  return fromMiddle < 0 ? -z : z;
}
