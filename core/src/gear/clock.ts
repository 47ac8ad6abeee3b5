import { lastWhere } from '../quantity/bisection';
import { OutOfRange, positive, unlessRefused } from '../quantity/out-of-range';
import { distanceOf, minus, polar, type PlanePoint } from '../quantity/plane';
import { wholeWithin } from '../quantity/whole-within';
import { joined, mirrored, type Profile } from '../profile/profile';

/** Clock-type wheels and pinions (BS 978-2): the wheel drives the pinion, with its addenda on radial flanks. */

const FEWEST_LEAVES = 6;
const MOST_LEAVES = 16;
const MOST_WHEEL_TEETH = 400;
/** Practical factors on the theoretical addendum of a wheel: its height, and the radius of its arc. */
const ADDENDUM_SHARE = 0.95;
const ARC_SHARE = 1.4;
/** Dedendum of a wheel, in modules. */
const WHEEL_DEDENDUM = Math.PI / 2;
/** Room below the wheel's addendum at the root of a pinion, in modules. */
const PINION_ROOT_ROOM = 0.4;

/** Forms of pinions by the number of leaves, in modules at the pitch circle. */
const PINION_FORMS = [
  { from: 6, thickness: 1.05, addendum: 0.855, arc: 1.05 },
  { from: 8, thickness: 1.05, addendum: 0.67, arc: 0.7 },
  { from: 10, thickness: 1.05, addendum: 0.525, arc: 0.525 },
  { from: 11, thickness: 1.25, addendum: 0.625, arc: 0.625 },
] as const;

/**
 * Theoretical addendum of a wheel, in modules: the height at which the two epicycloid flanks of a tooth half a
 * pitch thick meet. The rolling circle has half the pinion's pitch radius. With beta = phi (1 + Rw / rr):
 * x = (Rw + rr) sin phi - rr sin beta, y = (Rw + rr) cos phi - rr cos beta; the flanks meet in the middle of the
 * tooth, where atan2(x, y) = pi / (2 N).
 *
 * @example theoreticalAddendum(64, 8) // 1.5522
 */
export function theoreticalAddendum(wheelTeeth: number, leaves: number): number {
  wholeWithin('wheel teeth', wheelTeeth, FEWEST_LEAVES, MOST_WHEEL_TEETH);
  wholeWithin('leaves', leaves, FEWEST_LEAVES, MOST_LEAVES);
  const [wheel, roll] = [wheelTeeth / 2, leaves / 4];
  const at = (phi: number): PlanePoint => {
    const beta = phi * (1 + wheel / roll);
    return [
      (wheel + roll) * Math.sin(phi) - roll * Math.sin(beta),
      (wheel + roll) * Math.cos(phi) - roll * Math.cos(beta),
    ];
  };
  const half = Math.PI / (2 * wheelTeeth);
  const phi = lastWhere((one) => Math.atan2(...at(one)) < half, 0, (Math.PI * roll) / wheel);
  return Math.hypot(...at(phi)) - wheel;
}

export interface ClockPair {
  readonly moduleMm: number;
  readonly wheelTeeth: number;
  readonly leaves: number;
}

/** Proportions of a wheel and of its pinion: teeth, and addendum, arc, dedendum and tooth thickness in modules. */
export function clockPair({ moduleMm, wheelTeeth, leaves }: ClockPair) {
  positive('module', moduleMm);
  const theory = theoreticalAddendum(wheelTeeth, leaves);
  const addendum = ADDENDUM_SHARE * theory;
  const form = PINION_FORMS.findLast(({ from }) => leaves >= from)!;
  return {
    theory,
    wheel: {
      teeth: wheelTeeth,
      addendum,
      arc: ARC_SHARE * theory,
      dedendum: WHEEL_DEDENDUM,
      thickness: Math.PI / 2,
    },
    pinion: {
      teeth: leaves,
      addendum: form.addendum,
      arc: form.arc,
      dedendum: addendum + PINION_ROOT_ROOM,
      thickness: form.thickness,
    },
  };
}

type Proportions = ReturnType<typeof clockPair>['wheel'];

/** Space of a wheel or pinion as a profile, and the sizes of the cutter that makes it. */
export interface ClockSpace {
  readonly teeth: number;
  readonly profile: Profile;
  readonly pitchMm: number;
  readonly outsideMm: number;
  readonly rootMm: number;
  readonly wholeDepthMm: number;
  /** Radius of the stone or of the swung tool that makes the cutter's hollow. */
  readonly shapingRadiusMm: number;
  /** Lean of the straight flanks, each side, radians. */
  readonly flankRad: number;
  readonly tipWidthMm: number;
  readonly rootPoint: PlanePoint;
  readonly pitchPoint: PlanePoint;
  readonly arcCentre: PlanePoint;
  readonly tipPoint: PlanePoint;
  /** Angle by which flank and arc meet at the pitch circle, radians: a property of the approximation. */
  readonly cornerRad: number;
}

/**
 * Space of a clock-type wheel or pinion: root about the centre, radial flanks to the pitch circle, one arc to
 * the tip in the middle of the tooth. Flank and arc meet at a small corner, which is not smoothed.
 */
function clockSpace(moduleMm: number, proportions: Proportions): ClockSpace {
  const { teeth, addendum, arc, dedendum, thickness } = proportions;
  const h = (Math.PI - thickness) / teeth;
  const [pitch, rf, ra, radius] = [
    (moduleMm * teeth) / 2,
    moduleMm * (teeth / 2 - dedendum),
    moduleMm * (teeth / 2 + addendum),
    moduleMm * arc,
  ];
  if (!(rf > 0)) throw new OutOfRange('root circle', rf, 0);
  const [rootPoint, pitchPoint, tipPoint] = [polar(rf, h), polar(pitch, h), polar(ra, Math.PI / teeth)];
  const [dx, dy] = minus(tipPoint, pitchPoint);
  const chord = distanceOf(tipPoint, pitchPoint);
  if (!(2 * radius >= chord)) throw new OutOfRange('radius of the addendum', radius, chord / 2);
  const along = Math.sqrt(radius * radius - (chord * chord) / 4) / chord;
  const arcCentre: PlanePoint = [
    (pitchPoint[0] + tipPoint[0]) / 2 + dy * along,
    (pitchPoint[1] + tipPoint[1]) / 2 - dx * along,
  ];
  const half = Math.asin(chord / (2 * radius));
  const right: Profile = [
    [0, rf, -Math.tan(h / 4)],
    [...rootPoint, 0],
    [...pitchPoint, -Math.tan(half / 2)],
    [...tipPoint, 0],
  ];
  // The arc turns right by half its sweep from its chord: its first direction leans less than the chord.
  const startLean = Math.atan2(dx, dy) - half;
  return {
    teeth,
    profile: joined(mirrored(right), right),
    pitchMm: 2 * pitch,
    outsideMm: 2 * ra,
    rootMm: 2 * rf,
    wholeDepthMm: ra - rf,
    shapingRadiusMm: radius,
    flankRad: h,
    tipWidthMm: 2 * tipPoint[0],
    rootPoint,
    pitchPoint,
    arcCentre,
    tipPoint,
    cornerRad: startLean - h,
  };
}

/** Space of the wheel of a pair. */
export const clockWheelSpace = (pair: ClockPair): ClockSpace =>
  clockSpace(pair.moduleMm, clockPair(pair).wheel);

/** Space of the pinion of a pair. */
export const clockPinionSpace = (pair: ClockPair): ClockSpace =>
  clockSpace(pair.moduleMm, clockPair(pair).pinion);

/**
 * Wheel and pinion for a ratio and a centre distance: m = 2 C / (N + n), N = ratio n rounded.
 * @returns `ratioError` N / n less the wanted ratio, 0 when it is met
 */
export function clockTrain(ratio: number, leaves: number, centreMm: number) {
  positive('ratio', ratio);
  positive('centre distance', centreMm);
  wholeWithin('leaves', leaves, FEWEST_LEAVES, MOST_LEAVES);
  const wheelTeeth = Math.round(ratio * leaves);
  wholeWithin('wheel teeth', wheelTeeth, FEWEST_LEAVES, MOST_WHEEL_TEETH);
  return {
    moduleMm: (2 * centreMm) / (wheelTeeth + leaves),
    wheelTeeth,
    leaves,
    ratioError: wheelTeeth / leaves - ratio,
  };
}

/** Trains for a ratio and a centre distance, by their number of leaves: the exact ones first, then by error, then more leaves. */
export const trainsFor = (ratio: number, centreMm: number) =>
  Array.from({ length: MOST_LEAVES - FEWEST_LEAVES + 1 }, (_, i) => FEWEST_LEAVES + i)
    .flatMap((leaves) => unlessRefused(() => [clockTrain(ratio, leaves, centreMm)], []))
    .sort((a, b) => Math.abs(a.ratioError) - Math.abs(b.ratioError) || b.leaves - a.leaves);
