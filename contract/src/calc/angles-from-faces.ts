import { anglesFromFaces } from '@pike-stone/core/grind';
import * as z from 'zod';
import { vector } from './bit-fields';
import { oneOf, result } from './schema';
import { topic } from './topic';

export const anglesFromFacesTopic = topic({
  input: z.strictObject({
    rake_normal: vector,
    major_normal: vector,
    minor_normal: vector,
    hand: oneOf(['right', 'left']),
  }),
  output: z.strictObject({
    side_rake_deg: result,
    back_rake_deg: result,
    kappa_deg: result,
    side_clearance_deg: result,
    kappa2_deg: result,
    front_clearance_deg: result,
    lambda_s_deg: result,
  }),
  run: (i) => {
    const r = anglesFromFaces({ rake: i.rake_normal, major: i.major_normal, minor: i.minor_normal }, i.hand);
    return {
      side_rake_deg: r.sideRakeDeg,
      back_rake_deg: r.backRakeDeg,
      kappa_deg: r.kappaDeg,
      side_clearance_deg: r.sideClearanceDeg,
      kappa2_deg: r.kappa2Deg,
      front_clearance_deg: r.frontClearanceDeg,
      lambda_s_deg: r.inclinationDeg,
    };
  },
});
