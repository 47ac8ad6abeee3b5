import { dressInterval } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const dressIntervalTopic = topic({
  input: z.strictObject({
    volume_per_piece_mm3: figure,
    wheel_width_mm: figure,
    capacity_mm3_per_mm: figure,
    g_ratio: figure,
    wheel_diameter_mm: figure,
    min_diameter_mm: figure,
    dress_depth_total_mm: figure,
  }),
  output: z.strictObject({
    pieces_per_dress: result,
    radial_wear_mm: result,
    radial_loss_mm: result,
    dresses_left: result,
    pieces_left: result,
  }),
  run: (i) => {
    const r = dressInterval({
      volumePerPieceMm3: i.volume_per_piece_mm3,
      widthMm: i.wheel_width_mm,
      capacityMm3PerMm: i.capacity_mm3_per_mm,
      gRatio: i.g_ratio,
      diameterMm: i.wheel_diameter_mm,
      leastMm: i.min_diameter_mm,
      dressMm: i.dress_depth_total_mm,
    });
    return {
      pieces_per_dress: r.pieces,
      radial_wear_mm: r.wearMm,
      radial_loss_mm: r.lossMm,
      dresses_left: r.dressesLeft,
      pieces_left: r.piecesLeft,
    };
  },
});
