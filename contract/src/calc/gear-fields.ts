import { moduleOfPitch, type Gear } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, optional, whole } from './schema';

/** Data of an involute gear as a question gives them. */
export const gearFields = {
  moduleMm: optional(figure),
  diametralPitchPerInch: optional(figure),
  toothCount: whole(1, 2000),
  pressureAngleDeg: figure,
  profileShift: figure,
  addendumFactor: figure,
  dedendumFactor: figure,
  rackTipRadiusFactor: figure,
};

export const gearOf = (i: z.output<z.ZodObject<typeof gearFields>>): Gear => ({
  moduleMm: i.moduleMm ?? moduleOfPitch(i.diametralPitchPerInch ?? 0),
  teeth: i.toothCount,
  shift: i.profileShift,
  rack: {
    pressureAngleDeg: i.pressureAngleDeg,
    addendum: i.addendumFactor,
    dedendum: i.dedendumFactor,
    tipRadius: i.rackTipRadiusFactor,
  },
});

/** A place in the plane, mm or pixels. */
export const point = z.tuple([figure, figure]).readonly();
export const points = z
  .array(point)
  .min(1, 'Give at least one.')
  .max(10_000, 'No more than 10,000.')
  .readonly();
export const fourPoints = z.tuple([point, point, point, point]).readonly();

/** Corners of a profile with the bulge of the piece that begins at each. */
export const corners = z
  .array(z.tuple([figure, figure, figure]).readonly())
  .min(2, 'Give two corners at least.')
  .max(10_000, 'No more than 10,000.')
  .readonly();
