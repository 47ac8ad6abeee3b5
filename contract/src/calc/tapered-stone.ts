import { stoneHeight } from '@pike-stone/core/form';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const taperedStoneTopic = topic({
  input: z.strictObject({ smallEndRadiusMm: figure, taperDeg: figure, wantedRadiusMm: figure }),
  output: z.strictObject({ faceAboveSmallEndMm: result, radiusChangePerMm: result }),
  run: (i) => {
    const r = stoneHeight(i.smallEndRadiusMm, i.taperDeg, i.wantedRadiusMm);
    return { faceAboveSmallEndMm: r.aboveSmallEndMm, radiusChangePerMm: r.radiusChangePerMm };
  },
});
