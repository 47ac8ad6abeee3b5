import { feedPerTooth, material, toolMaterial } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result, cutterUse, materialKey, toolMaterialKey } from './schema';
import { topic } from './topic';

export const feedPerToothTopic = topic({
  input: z.strictObject({
    material: materialKey,
    tool: toolMaterialKey,
    cutter: cutterUse,
    cutter_diameter_mm: figure,
    cutter_width_mm: figure,
  }),
  output: z.strictObject({ fz_mm: result }),
  run: (i) => ({
    fz_mm: feedPerTooth(
      material(i.material),
      toolMaterial(i.tool),
      i.cutter,
      i.cutter_diameter_mm,
      i.cutter_width_mm,
    ),
  }),
});
