import { compoundSine } from '@pike-stone/core/setting';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const compoundSineTopic = topic({
  input: z.strictObject({
    purpose: oneOf(['plane-in-world', 'face-level']),
    front_angle_deg: figure,
    side_angle_deg: figure,
    lower_length_mm: figure,
    upper_length_mm: figure,
  }),
  output: z.strictObject({
    lower_angle_deg: result,
    upper_angle_deg: result,
    lower_stack_mm: result,
    upper_stack_mm: result,
    true_tilt_deg: result,
  }),
  run: (i) => {
    const r = compoundSine(
      i.purpose,
      i.front_angle_deg,
      i.side_angle_deg,
      i.lower_length_mm,
      i.upper_length_mm,
    );
    return {
      lower_angle_deg: r.lowerDeg,
      upper_angle_deg: r.upperDeg,
      lower_stack_mm: r.lowerStackMm,
      upper_stack_mm: r.upperStackMm,
      true_tilt_deg: r.trueTiltDeg,
    };
  },
});
