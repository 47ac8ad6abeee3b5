import { DEG } from '../quantity/angle';
import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { MM_PER_INCH } from '../quantity/units';
import { wholeWithin } from '../quantity/whole-within';
import { inverseInvolute, involute } from './involute';

/** A gear with fewer teeth is not a gear that one of these cutters makes. */
export const FEWEST_TEETH = 6;
const MOST_TEETH = 2000;

/** The basic rack: addendum, dedendum and tip radius in modules. */
export interface Rack {
  readonly pressureAngleDeg: number;
  readonly addendum: number;
  readonly dedendum: number;
  readonly tipRadius: number;
}

/**
 * An external involute spur gear.
 *
 *                tip  ra
 *          __          __
 *    r  __/  \__ s | e /  \__   s tooth, e space on the reference circle
 *      root rf  \__/
 */
export interface Gear {
  readonly moduleMm: number;
  /** z, whole, 6 or more. */
  readonly teeth: number;
  readonly rack: Rack;
  /** x, profile shift in modules, outward positive, -1 to 1. */
  readonly shift: number;
}

export type RackName = 'iso-53-a' | 'full-25' | 'older-14.5' | 'older-20' | 'stub-20';

/** Usual basic racks: ISO 53 A, its like at 25 degrees, older full depth, stub. */
export const RACKS: Readonly<Record<RackName, Rack>> = {
  'iso-53-a': { pressureAngleDeg: 20, addendum: 1, dedendum: 1.25, tipRadius: 0.38 },
  'full-25': { pressureAngleDeg: 25, addendum: 1, dedendum: 1.25, tipRadius: 0.25 },
  'older-14.5': { pressureAngleDeg: 14.5, addendum: 1, dedendum: 1.157, tipRadius: 0.209 },
  'older-20': { pressureAngleDeg: 20, addendum: 1, dedendum: 1.157, tipRadius: 0.209 },
  'stub-20': { pressureAngleDeg: 20, addendum: 0.8, dedendum: 1, tipRadius: 0.3 },
};

/** The full-depth rack of a pressure angle, its tip radius as large as it has room for. */
const fullDepthRack = (pressureAngleDeg: number): Rack => ({
  ...RACKS[pressureAngleDeg >= RACKS['full-25'].pressureAngleDeg ? 'full-25' : 'iso-53-a'],
  pressureAngleDeg,
});

/** A full-depth gear without shift, as a cutter of a set is made for. */
export const plainGear = (moduleMm: number, teeth: number, pressureAngleDeg: number): Gear => ({
  moduleMm,
  teeth,
  shift: 0,
  rack: fullDepthRack(pressureAngleDeg),
});

/** Module of a diametral pitch: m = 25.4 / P. */
export const moduleOfPitch = (diametralPitch: number): number =>
  MM_PER_INCH / positive('diametral pitch', diametralPitch);

/** Half the width of the rack's tip flat, in modules: below 0 its tip radius does not fit. */
const halfTipFlat = ({ pressureAngleDeg, dedendum, tipRadius }: Rack): number =>
  Math.PI / 4
  - (dedendum - tipRadius) * Math.tan(pressureAngleDeg * DEG)
  - tipRadius / Math.cos(pressureAngleDeg * DEG);

/** The gear, checked. @throws OutOfRange for a gear that is none */
function checkedGear(gear: Gear): Gear {
  const { rack } = gear;
  positive('module', gear.moduleMm);
  wholeWithin('number of teeth', gear.teeth, FEWEST_TEETH, MOST_TEETH);
  within('pressure angle', rack.pressureAngleDeg, 10, 35);
  within('profile shift', gear.shift, -1, 1);
  within('addendum factor', rack.addendum, 0.2, 2);
  within('dedendum factor', rack.dedendum, 0.2, 3);
  within('tip radius factor', rack.tipRadius, 0, rack.dedendum);
  if (halfTipFlat(rack) < 0) throw new OutOfRange('room for the tip radius', halfTipFlat(rack), 0);
  return gear;
}

/** What follows from the data of a gear before any profile is drawn; radii in mm, angles in radians. */
export function gearCircles(gear: Gear) {
  const { moduleMm: m, teeth: z, rack, shift: x } = checkedGear(gear);
  const alpha = rack.pressureAngleDeg * DEG;
  const r = (m * z) / 2;
  const tooth = m * (Math.PI / 2 + 2 * x * Math.tan(alpha));
  return {
    alpha,
    r,
    rb: r * Math.cos(alpha),
    ra: r + m * (rack.addendum + x),
    rf: r - m * (rack.dedendum - x),
    /** Tooth and space on the reference circle, mm of arc. */
    tooth,
    space: Math.PI * m - tooth,
    invAlpha: involute(alpha),
    /** Rack tip-round centre: sideways from the space's centre line, and depth below the rolling line, mm. */
    tipSideMm: m * halfTipFlat(rack),
    tipDepthMm: m * (rack.dedendum - x - rack.tipRadius),
    tipRadiusMm: m * rack.tipRadius,
    /** Depth at which the straight flank of the rack ends below its reference line, in modules. */
    straightEnd: rack.dedendum - rack.tipRadius * (1 - Math.sin(alpha)),
  };
}

/**
 * Undercut: the rack's tip cuts into the flank when z < 2 (h* - x) / sin^2 alpha; least shift without it
 * x = h* - z sin^2 alpha / 2.
 */
export function undercutOf(gear: Gear) {
  const { alpha, straightEnd } = gearCircles(gear);
  const square = Math.sin(alpha) ** 2;
  const teethLimit = (2 * (straightEnd - gear.shift)) / square;
  return {
    undercut: gear.teeth < teethLimit,
    teethLimit,
    leastShift: straightEnd - (gear.teeth * square) / 2,
  };
}

/** Angle of the involute at a radius: cos ay = rb / ry. @throws OutOfRange below the base circle */
export function angleAtRadius(baseMm: number, radiusMm: number): number {
  if (!(radiusMm >= baseMm)) throw new OutOfRange('radius on the flank', radiusMm, baseMm);
  return Math.acos(Math.min(1, baseMm / radiusMm));
}

/**
 * Tooth thickness at a radius: sy = 2 ry (s / (2 r) + inv alpha - inv ay), its chord, and the height of the
 * tip above that chord, as a gear-tooth caliper is set.
 *
 * @param radiusMm  from the base circle outwards
 */
export function toothThickness(gear: Gear, radiusMm: number) {
  const { r, rb, ra, tooth, invAlpha } = gearCircles(gear);
  const halfRad = tooth / (2 * r) + invAlpha - involute(angleAtRadius(rb, radiusMm));
  return {
    arcMm: 2 * radiusMm * halfRad,
    chordMm: 2 * radiusMm * Math.sin(halfRad),
    heightMm: ra - radiusMm * Math.cos(halfRad),
  };
}

/** Tips thinner than this share of a module are weak and burn in hardening. */
export const THIN_TIP = 0.2;

/** Sizes of a gear that do not need its profile, mm; `pointedMm` is the diameter at which its teeth end in a point. */
export function gearSizes(gear: Gear) {
  const { moduleMm: m, rack } = gear;
  const circles = gearCircles(gear);
  const pointed = inverseInvolute(circles.tooth / (2 * circles.r) + circles.invAlpha);
  return {
    moduleMm: m,
    pitchMm: 2 * circles.r,
    baseMm: 2 * circles.rb,
    outsideMm: 2 * circles.ra,
    rootMm: 2 * circles.rf,
    circularPitchMm: Math.PI * m,
    basePitchMm: Math.PI * m * Math.cos(circles.alpha),
    toothMm: circles.tooth,
    spaceMm: circles.space,
    wholeDepthMm: m * (rack.addendum + rack.dedendum),
    pointedMm: (2 * circles.rb) / Math.cos(pointed),
  };
}
