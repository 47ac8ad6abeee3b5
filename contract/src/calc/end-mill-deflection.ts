import { endMillDeflection } from '@pike-stone/core/forecast';
import { toolMaterial } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result, toolMaterialKey } from './schema';
import { topic } from './topic';

export const endMillDeflectionTopic = topic({
  input: z.strictObject({
    tool: toolMaterialKey,
    cutter_diameter_mm: figure,
    shank_diameter_mm: figure,
    flute_length_mm: figure,
    stick_out_mm: figure,
    force_N: figure,
  }),
  output: z.strictObject({ deflection_mm: result, stick_out_over_diameter: result }),
  run: (i) => ({
    deflection_mm: endMillDeflection(
      toolMaterial(i.tool).family,
      i.cutter_diameter_mm,
      i.shank_diameter_mm,
      i.flute_length_mm,
      i.stick_out_mm,
      i.force_N,
    ),
    stick_out_over_diameter: i.stick_out_mm / i.cutter_diameter_mm,
  }),
});
