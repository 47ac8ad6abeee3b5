import { factorChain, material, toolMaterial } from '@pike-stone/core';
import * as z from 'zod';
import { result, materialKey, toolMaterialKey, factors } from './schema';
import { topic } from './topic';

export const factorChainTopic = topic({
  input: z.strictObject({ material: materialKey, tool: toolMaterialKey, factors: factors }),
  output: z.strictObject({
    speed_raw: result,
    feed_raw: result,
    depth_raw: result,
    speed_factor: result,
    feed_factor: result,
    depth_factor: result,
  }),
  run: (i) => {
    const r = factorChain(material(i.material), toolMaterial(i.tool), i.factors);
    return {
      speed_raw: r.speedRaw,
      feed_raw: r.feedRaw,
      depth_raw: r.depthRaw,
      speed_factor: r.speedFactor,
      feed_factor: r.feedFactor,
      depth_factor: r.depthFactor,
    };
  },
});
