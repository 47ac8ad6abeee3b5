import { material, speedRange, toolMaterial } from '@pike-stone/core';
import * as z from 'zod';
import { oneOf, yesNo, optional, result, materialKey, toolMaterialKey } from './schema';
import { topic } from './topic';

export const speedRangeTopic = topic({
  input: z.strictObject({
    material: materialKey,
    tool: toolMaterialKey,
    operation: oneOf(['turning', 'milling', 'drilling', 'reaming', 'parting', 'threading']),
    school: oneOf(['bottom', 'middle', 'top']),
    back_off_third: optional(yesNo),
  }),
  output: z.strictObject({
    low_m_min: result,
    high_m_min: result,
    start_m_min: result,
    least_useful_m_min: result,
  }),
  run: (i) => {
    const r = speedRange(material(i.material), toolMaterial(i.tool), i.operation, i.school, i.back_off_third);
    return {
      low_m_min: r.lowMPerMin,
      high_m_min: r.highMPerMin,
      start_m_min: r.startMPerMin,
      least_useful_m_min: r.leastUsefulMPerMin,
    };
  },
});
