import { DEG } from '../quantity/angle';
import { lastWhere } from '../quantity/bisection';
import { OutOfRange, positive, within } from '../quantity/out-of-range';

/**
 * A bit in a bore, in the section square to the bore's axis.
 *
 * ```
 *       ___---O nose            O lies on the bore wall, e above the axis
 *     /      |\  land b, first clearance
 *    |       | \
 *    |  .axis  \__ heel, h below the nose, second clearance
 * ```
 */
export interface BoreSection {
  /** First clearance, degrees, and how far the heel lies below the nose, mm. */
  readonly primaryDeg: number;
  readonly heelMm: number;
  /** Nose above the axis positive, mm. */
  readonly heightErrorMm: number;
  /** Depth of the first clearance; the second follows. Left out: one flank to the heel. */
  readonly landMm?: number | undefined;
  readonly secondaryDeg?: number | undefined;
  /** From the nose back to the far side of the bit; left out: the back is not looked at. */
  readonly widthMm?: number | undefined;
}

/** How a bit stands in its bore. */
export interface BoreClearance {
  /** Depth below the nose at which a single flank meets the wall again. */
  readonly exitMm: number;
  /** Smallest gap to the wall, negative where it rubs, and the corner where it is. */
  readonly gapMm: number;
  readonly at: BorePlace;
  readonly touches: boolean;
  /** Clearance that works at the nose, degrees. */
  readonly atNoseDeg: number;
}

export type BorePlace = 'heel' | 'land end' | 'back bottom' | 'back top';
interface Corner {
  readonly at: BorePlace;
  readonly x: number;
  readonly y: number;
}

/** Distance of the nose from the upright through the axis. */
function noseAt(radiusMm: number, e: number): number {
  if (!(Math.abs(e) < radiusMm)) throw new OutOfRange('height error', e, -radiusMm, radiusMm);
  return Math.sqrt(radiusMm ** 2 - e ** 2);
}

/** The corners of the section that could touch the wall. */
function corners(section: BoreSection, radiusMm: number): readonly Corner[] {
  const { heightErrorMm: e, heelMm: h, primaryDeg, secondaryDeg, widthMm } = section;
  const land = secondaryDeg === undefined ? h : Math.min(section.landMm ?? h, h);
  const x0 = noseAt(radiusMm, e);
  const endX = x0 - land * Math.tan(primaryDeg * DEG);
  const heelX = endX - (h - land) * Math.tan((secondaryDeg ?? primaryDeg) * DEG);
  return [
    ...(land < h ? [{ at: 'land end', x: endX, y: e - land } as const] : []),
    { at: 'heel', x: heelX, y: e - h },
    ...(widthMm === undefined
      ? []
      : [
          { at: 'back top', x: x0 - widthMm, y: e } as const,
          { at: 'back bottom', x: x0 - widthMm, y: e - h } as const,
        ]),
  ];
}

/** Points of the section from the nose round, about the bore's axis, for its drawing. */
export function boreOutline(section: BoreSection, boreMm: number) {
  const radius = positive('bore', boreMm) / 2;
  const [x0, e] = [noseAt(radius, section.heightErrorMm), section.heightErrorMm];
  const width = section.widthMm ?? Math.min(section.heelMm, x0 + radius);
  return [
    { x: x0, y: e },
    ...corners({ ...section, widthMm: undefined }, radius),
    { x: x0 - width, y: e - section.heelMm },
    { x: x0 - width, y: e },
  ].map(({ x, y }) => ({ x, y }));
}

/**
 * Whether a bit clears the bore it cuts. A corner inside the circle clears; flats between corners
 * that clear are inside too. One flank of clearance a meets the wall again at the depth
 * s = 2 cos^2 a (x0 tan a + e): a heel below that rubs.
 *
 * @param boreMm  diameter of the bore
 * @returns the smallest gap, negative where it rubs, and where; the clearance at the nose grows by
 *          asin(2e/D) in a bore
 * @throws OutOfRange when the height error is not inside the bore
 * @example boreClearance({ primaryDeg: 10, heelMm: 6, heightErrorMm: 0 }, 30).gapMm // -0.178: it rubs
 */
export function boreClearance(section: BoreSection, boreMm: number): BoreClearance {
  const radius = positive('bore', boreMm) / 2;
  const { primaryDeg, heightErrorMm: e } = section;
  within('front clearance', primaryDeg, 0.01, 80);
  positive('depth of the heel', section.heelMm);
  const x0 = noseAt(radius, e);
  const gaps = corners(section, radius).map(({ at, x, y }) => ({ at, gapMm: radius - Math.hypot(x, y) }));
  const least = gaps.reduce((one, other) => (other.gapMm < one.gapMm ? other : one));
  return {
    exitMm: 2 * Math.cos(primaryDeg * DEG) ** 2 * (x0 * Math.tan(primaryDeg * DEG) + e),
    gapMm: least.gapMm,
    at: least.at,
    touches: least.gapMm < 0,
    atNoseDeg: primaryDeg + Math.asin(e / radius) / DEG,
  };
}

const LARGEST_BORE_MM = 100_000;
/** A land that ends exactly on the wall may just touch. */
const ROUNDING_MM = 1e-9;

/**
 * The smallest bore that a bit clears: heel and back keep the gap, the end of the land may just touch.
 * @throws OutOfRange when no bore is large enough
 * @example smallestBore({ primaryDeg: 10, heelMm: 6, heightErrorMm: 0 }, 0) // 35.1
 */
export function smallestBore(section: BoreSection, gapMm: number): number {
  const { primaryDeg, heelMm, heightErrorMm: e } = section;
  within('front clearance', primaryDeg, 0.01, 80);
  positive('depth of the heel', heelMm);
  const clears = (boreMm: number): boolean =>
    corners(section, boreMm / 2).every(
      ({ at, x, y }) => Math.hypot(x, y) <= boreMm / 2 - (at === 'land end' ? 0 : gapMm) + ROUNDING_MM,
    );
  if (!clears(LARGEST_BORE_MM)) throw new OutOfRange('gap', gapMm, 0, 0);
  return lastWhere(clears, LARGEST_BORE_MM, 2 * Math.abs(e) + 1e-6);
}

/**
 * The least second clearance that keeps a gap at the heel.
 * @throws OutOfRange when the heel lies deeper than the bore leaves room for
 * @example secondClearance({ primaryDeg: 10, heelMm: 8, heightErrorMm: 0 }, 1, 25, 0.3) // 23.97
 */
export function secondClearance(section: BoreSection, landMm: number, boreMm: number, gapMm: number): number {
  const { heelMm: h, heightErrorMm: e, primaryDeg } = section;
  const radius = positive('bore', boreMm) / 2;
  within('land', landMm, 0, h - 1e-6);
  const room = radius - gapMm;
  if (Math.abs(e - h) >= room) throw new OutOfRange('depth of the heel', h, 0, room + e);
  const endX = noseAt(radius, e) - landMm * Math.tan(within('front clearance', primaryDeg, 0.01, 80) * DEG);
  return Math.atan2(endX - Math.sqrt(room ** 2 - (e - h) ** 2), h - landMm) / DEG;
}
