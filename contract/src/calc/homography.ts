import { planeOfPhoto } from '@pike-stone/core/form';
import { points, fourPoints } from './gear-fields';
import * as z from 'zod';
import { topic } from './topic';

export const homographyTopic = topic({
  input: z.strictObject({ image_px: fourPoints, world_mm: fourPoints, map_px: points }),
  output: z.strictObject({ mapped_mm: points }),
  run: (i) => ({ mapped_mm: i.map_px.map(planeOfPhoto(i.image_px, i.world_mm)) }),
});
