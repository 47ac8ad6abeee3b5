import type { BitAngles } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure } from './schema';

/** Fields that the calculations of a ground bit share. */

/** The six angles of a bit, degrees. */
export const bitAngles = {
  side_rake_deg: figure,
  back_rake_deg: figure,
  kappa_deg: figure,
  side_clearance_deg: figure,
  kappa2_deg: figure,
  front_clearance_deg: figure,
};

/** A point or a direction: x, y, z in the shank frame. */
export const vector = z.tuple([figure, figure, figure], { error: 'Three numbers: x, y, z.' }).readonly();

/** The six angles as the core names them. */
export const anglesOf = (i: Readonly<Record<keyof typeof bitAngles, number>>): BitAngles => ({
  sideRakeDeg: i.side_rake_deg,
  backRakeDeg: i.back_rake_deg,
  kappaDeg: i.kappa_deg,
  sideClearanceDeg: i.side_clearance_deg,
  kappa2Deg: i.kappa2_deg,
  frontClearanceDeg: i.front_clearance_deg,
});
