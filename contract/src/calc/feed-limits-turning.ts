import { turningFeedLimits } from '@pike-stone/core';
import * as z from 'zod';
import { figure, result, machineCondition } from './schema';
import { topic } from './topic';

export const feedLimitsTurningTopic = topic({
  input: z.strictObject({
    nose_radius_mm: figure,
    depth_mm: figure,
    approach_deg: figure,
    corner_deg: figure,
    machine_class: machineCondition,
    edge_radius_um: figure,
    min_chip_ratio: figure,
  }),
  output: z.strictObject({
    h_min_mm: result,
    feed_nose_mm_rev: result,
    feed_upper_mm_rev: result,
    feed_lower_mm_rev: result,
    upper_limit: z.string(),
    depth_floor_mm: result,
    depth_preferred_min_mm: result,
  }),
  run: (i) => {
    const r = turningFeedLimits({
      noseRadiusMm: i.nose_radius_mm,
      depthMm: i.depth_mm,
      approachDeg: i.approach_deg,
      cornerDeg: i.corner_deg,
      condition: i.machine_class,
      edgeRadiusUm: i.edge_radius_um,
      minChipRatio: i.min_chip_ratio,
    });
    return {
      h_min_mm: r.hMinMm,
      feed_nose_mm_rev: r.feedNoseMmRev,
      feed_upper_mm_rev: r.feedUpperMmRev,
      feed_lower_mm_rev: r.feedLowerMmRev,
      upper_limit: r.upperLimit,
      depth_floor_mm: r.depthFloorMm,
      depth_preferred_min_mm: r.depthPreferredMinMm,
    };
  },
});
