import { clockPair, clockPinionSpace, clockTrain, clockWheelSpace } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, result, whole } from './schema';
import { topic } from './topic';

export const clockTrainTopic = topic({
  input: z.strictObject({ ratio: figure, leaves: whole(1, 100), centreDistanceMm: figure }),
  output: z.strictObject({
    wheelTeeth: result,
    ratioError: result,
    moduleMm: result,
    wheelPitchDiameterMm: result,
    pinionPitchDiameterMm: result,
    theoreticalAddendumFactor: result,
    addendumFactor: result,
    addendumRadiusFactor: result,
    wheelOutsideDiameterMm: result,
    pinionOutsideDiameterMm: result,
  }),
  run: (i) => {
    const train = clockTrain(i.ratio, i.leaves, i.centreDistanceMm);
    const { theory, wheel } = clockPair(train);
    const [wheelSpace, pinionSpace] = [clockWheelSpace(train), clockPinionSpace(train)];
    return {
      wheelTeeth: train.wheelTeeth,
      ratioError: train.ratioError,
      moduleMm: train.moduleMm,
      wheelPitchDiameterMm: wheelSpace.pitchMm,
      pinionPitchDiameterMm: pinionSpace.pitchMm,
      theoreticalAddendumFactor: theory,
      addendumFactor: wheel.addendum,
      addendumRadiusFactor: wheel.arc,
      wheelOutsideDiameterMm: wheelSpace.outsideMm,
      pinionOutsideDiameterMm: pinionSpace.outsideMm,
    };
  },
});
