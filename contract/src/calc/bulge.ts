import { DEG } from '@pike-stone/core';
import { arcOf, bulgeOf, distanceOf, leftTurn } from '@pike-stone/core/form';
import * as z from 'zod';
import { point } from './gear-fields';
import { figure, result, yesNo } from './schema';
import { topic } from './topic';

export const bulgeTopic = topic({
  input: z.discriminatedUnion('direction', [
    z.strictObject({ direction: z.literal('to-arc'), start_mm: point, end_mm: point, bulge: figure }),
    z.strictObject({ direction: z.literal('to-bulge'), start_deg: figure, end_deg: figure, ccw: yesNo }),
  ]),
  output: z.union([
    z.strictObject({
      cx_mm: result,
      cy_mm: result,
      radius_mm: result,
      included_deg: result,
      sagitta_mm: result,
      ccw: yesNo,
    }),
    z.strictObject({ bulge: result, included_deg: result }),
  ]),
  run: (i) => {
    if (i.direction === 'to-bulge') {
      const [start, end] = [i.start_deg * DEG, i.end_deg * DEG];
      const sweepRad = i.ccw ? leftTurn(start, end) : -leftTurn(end, start);
      return { bulge: bulgeOf(sweepRad), included_deg: Math.abs(sweepRad) / DEG };
    }
    const { centre, radiusMm, sweepRad } = arcOf(i.start_mm, i.end_mm, i.bulge);
    const chord = distanceOf(i.start_mm, i.end_mm);
    return {
      cx_mm: centre[0],
      cy_mm: centre[1],
      radius_mm: radiusMm,
      included_deg: Math.abs(sweepRad) / DEG,
      sagitta_mm: (Math.abs(i.bulge) * chord) / 2,
      ccw: sweepRad > 0,
    };
  },
});
