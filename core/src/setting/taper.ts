import { DEG } from '../quantity/angle';
import { positive, within } from '../quantity/out-of-range';

/** A taper said in every way a drawing may say it. */
export interface Taper {
  /** Change of diameter over length. */
  readonly perMm: number;
  readonly perFootIn: number;
  readonly oneTo: number;
  readonly halfDeg: number;
  readonly includedDeg: number;
}
export type TaperSaid =
  'half-angle-deg' | 'included-angle-deg' | 'taper-per-foot-in' | 'taper-per-mm' | 'one-to-x';

/**
 * A taper from any way of saying it: t = 2 tan(half angle).
 * @example taperFrom('one-to-x', 20).includedDeg // 2.864
 */
export function taperFrom(said: TaperSaid, value: number): Taper {
  positive('taper', value);
  const perMm = {
    'half-angle-deg': 2 * Math.tan(value * DEG),
    'included-angle-deg': 2 * Math.tan((value / 2) * DEG),
    'taper-per-foot-in': value / 12,
    'taper-per-mm': value,
    'one-to-x': 1 / value,
  }[said];
  const halfDeg = Math.atan(perMm / 2) / DEG;
  return { perMm, perFootIn: 12 * perMm, oneTo: 1 / perMm, halfDeg, includedDeg: 2 * halfDeg };
}

/** Above this share of the length plain centres bear on a line only. */
const MOST_SETOVER = 1 / 50;

/**
 * Set-over of the tailstock: S = W sin(half angle); the shop rule W t/2 is high by 1/cos.
 * @param workMm  between the points of the centres, mm
 */
export const setover = (
  workMm: number,
  halfDeg: number,
): { readonly mm: number; readonly overLimit: boolean } => ({
  mm: workMm * Math.sin(halfDeg * DEG),
  overLimit: Math.sin(halfDeg * DEG) > MOST_SETOVER,
});

/** The same from the two diameters of a drawing. */
export function tailstockSetover(largeMm: number, smallMm: number, taperLengthMm: number, workMm: number) {
  const half = Math.atan(
    (positive('large diameter', largeMm) - smallMm) / (2 * positive('length of the taper', taperLengthMm)),
  );
  const { mm, overLimit } = setover(positive('length of the work', workMm), half / DEG);
  return { halfDeg: half / DEG, setoverMm: mm, simpleMm: workMm * Math.tan(half), overLimit };
}

/** The least set-over that is too much for plain centres, for one length of work. */
export const setoverLimit = (workMm: number): number => workMm * MOST_SETOVER;

/**
 * A centre in a boring head in the tailstock, moved by e = W sin(half): the
 * tailstock stays true. Rolled by phi the head leaves centre height and gives less
 * sideways; the profile is then a hyperbola and the work comes out too large.
 *
 * @param toolXMm  tool from the axis, mm
 * @param zMm      tool from the headstock's centre point, mm
 */
export function offsetHead(halfDeg: number, workMm: number, rollDeg: number, toolXMm: number, zMm: number) {
  within('half angle', halfDeg, 0, 45);
  const e = positive('length of the work', workMm) * Math.sin(halfDeg * DEG);
  const radiusAt = (roll: number): number => {
    const u = [
      (e * Math.cos(roll)) / workMm,
      (e * Math.sin(roll)) / workMm,
      Math.sqrt(1 - (e / workMm) ** 2),
    ] as const;
    const along = toolXMm * u[0] + zMm * u[2];
    return Math.sqrt(Math.max(0, toolXMm ** 2 + zMm ** 2 - along ** 2));
  };
  const roll = rollDeg * DEG;
  const [radiusMm, idealMm] = [radiusAt(roll), radiusAt(0)];
  return {
    offsetMm: e,
    lateralMm: e * Math.cos(roll),
    heightMm: e * Math.sin(roll),
    radiusMm,
    idealMm,
    diameterErrorMm: 2 * (radiusMm - idealMm),
  };
}

/** What a slide at an angle to the lathe's axis does for its travel. */
export function compoundFeed(angleFromAxisDeg: number, advanceMm: number) {
  const radialMm = advanceMm * Math.sin(angleFromAxisDeg * DEG);
  return { radialMm, diameterChangeMm: 2 * radialMm, axialMm: advanceMm * Math.cos(angleFromAxisDeg * DEG) };
}
