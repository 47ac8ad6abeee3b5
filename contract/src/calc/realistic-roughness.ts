import { builtUpEdgeFactor, machineFinishFactor, minChipRoughness } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, yesNo, result, machineCondition } from './schema';
import { topic } from './topic';

export const realisticRoughnessTopic = topic({
  input: z.strictObject({
    feed_mm_rev: figure,
    nose_radius_mm: figure,
    edge_radius_um: figure,
    finish_chip_ratio: figure,
    bue_level: z.literal([0, 1, 2, 3]),
    bue_low_m_min: figure,
    bue_high_m_min: figure,
    speed_m_min: figure,
    fluid: yesNo,
    rake_deg: figure,
    machine_class: machineCondition,
  }),
  output: z.strictObject({ k_bue: result, k_machine: result, Ra_min_chip_um: result, Ra_um: result }),
  run: (i) => {
    const kBue = builtUpEdgeFactor(
      { level: i.bue_level, zoneMPerMin: [i.bue_low_m_min, i.bue_high_m_min] },
      i.speed_m_min,
      i.fluid,
      i.rake_deg,
    );
    const kMachine = machineFinishFactor(i.machine_class);
    const { raUm } = minChipRoughness(i.feed_mm_rev, i.nose_radius_mm, i.edge_radius_um, i.finish_chip_ratio);
    return { k_bue: kBue, k_machine: kMachine, Ra_min_chip_um: raUm, Ra_um: raUm * kBue * kMachine };
  },
});
