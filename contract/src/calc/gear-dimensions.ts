import { formRadius, gearSizes } from '@pike-stone/core/form';
import { gearFields, gearOf } from './gear-fields';
import * as z from 'zod';
import { result } from './schema';
import { topic } from './topic';

export const gearDimensionsTopic = topic({
  input: z.strictObject({ ...gearFields }),
  output: z.strictObject({
    moduleMm: result,
    pitchDiameterMm: result,
    baseDiameterMm: result,
    outsideDiameterMm: result,
    rootDiameterMm: result,
    circularPitchMm: result,
    basePitchMm: result,
    toothThicknessMm: result,
    wholeDepthMm: result,
    formDiameterMm: result,
    pointedDiameterMm: result,
  }),
  run: (i) => {
    const gear = gearOf(i);
    const r = gearSizes(gear);
    return {
      moduleMm: r.moduleMm,
      pitchDiameterMm: r.pitchMm,
      baseDiameterMm: r.baseMm,
      outsideDiameterMm: r.outsideMm,
      rootDiameterMm: r.rootMm,
      circularPitchMm: r.circularPitchMm,
      basePitchMm: r.basePitchMm,
      toothThicknessMm: r.toothMm,
      wholeDepthMm: r.wholeDepthMm,
      formDiameterMm: 2 * formRadius(gear),
      pointedDiameterMm: r.pointedMm,
    };
  },
});
