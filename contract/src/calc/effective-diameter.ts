import { effectiveDiameter, type EffectiveCutter } from '@pike-stone/core';
import * as z from 'zod';
import { figure, figures, optional, result } from './schema';
import { topic } from './topic';

const ball = z.object({
  cutter: z.literal('ball'),
  diameter_mm: figure,
  depth_mm: figure,
  tilt_deg: optional(figure),
});
const cornerRadius = z.object({
  cutter: z.literal('corner-radius'),
  diameter_mm: figure,
  corner_radius_mm: figure,
  depth_mm: figure,
});
const chamfer = z.object({
  cutter: z.literal('chamfer'),
  tip_diameter_mm: figure,
  included_angle_deg: figure,
  depth_mm: figure,
  diameter_mm: optional(figure),
});
const form = z.object({ cutter: z.literal('form'), contact_diameters_mm: figures(200) });

/** Sizes of the cutter; those that its kind does not have are ignored. */
const input = z.discriminatedUnion('cutter', [ball, cornerRadius, chamfer, form], {
  error: 'One of: ball, corner-radius, chamfer, form.',
});

function cutterOf(i: z.output<typeof input>): EffectiveCutter {
  switch (i.cutter) {
    case 'ball':
      return { cutter: 'ball', diameterMm: i.diameter_mm, depthMm: i.depth_mm, tiltDeg: i.tilt_deg };
    case 'corner-radius':
      return {
        cutter: 'corner-radius',
        diameterMm: i.diameter_mm,
        cornerRadiusMm: i.corner_radius_mm,
        depthMm: i.depth_mm,
      };
    case 'chamfer':
      return {
        cutter: 'chamfer',
        tipDiameterMm: i.tip_diameter_mm,
        includedAngleDeg: i.included_angle_deg,
        depthMm: i.depth_mm,
        diameterMm: i.diameter_mm,
      };
    case 'form':
      return { cutter: 'form', contactDiametersMm: i.contact_diameters_mm };
  }
}

export const effectiveDiameterTopic = topic({
  input,
  output: z.strictObject({ effective_diameter_mm: result }),
  run: (i) => ({ effective_diameter_mm: effectiveDiameter(cutterOf(i)) }),
});
