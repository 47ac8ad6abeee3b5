import { faceNormals, levelTrace } from '@pike-stone/core/grind';
import * as z from 'zod';
import { anglesOf, bitAngles } from './bit-fields';
import { result } from './schema';
import { topic } from './topic';

export const edgeTraceTopic = topic({
  input: z.strictObject({ ...bitAngles }),
  output: z.strictObject({
    major_trace_deg: result,
    major_tilt_deg: result,
    minor_trace_deg: result,
    minor_tilt_deg: result,
  }),
  run: (i) => {
    const { major, minor } = faceNormals(anglesOf(i), 'right');
    const [side, end] = [levelTrace(major), levelTrace(minor)];
    return {
      major_trace_deg: side.azimuthDeg,
      major_tilt_deg: side.tiltDeg,
      minor_trace_deg: -end.azimuthDeg,
      minor_tilt_deg: end.tiltDeg,
    };
  },
});
