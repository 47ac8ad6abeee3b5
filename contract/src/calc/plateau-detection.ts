import { plateaus } from '@pike-stone/core/compare';
import * as z from 'zod';
import { figure, figures, result, results, yesNo } from './schema';
import { topic } from './topic';

export const plateauDetectionTopic = topic({
  input: z.strictObject({
    sample_s: figure,
    current_a: figures(6_000),
    resolution_a: figure,
    skip_s: figure,
    off_below_a: figure,
    min_plateau_s: figure,
  }),
  output: z.strictObject({
    noise_sd_a: result,
    boundaries: results,
    cut_found: yesNo,
    idle_a: result,
    idle_samples: result,
    cut_a: result.nullable(),
    cut_samples: result,
  }),
  heavy: true,
  run: (i) => {
    const found = plateaus({
      sampleS: i.sample_s,
      currentA: i.current_a,
      resolutionA: i.resolution_a,
      skipS: i.skip_s,
      offBelowA: i.off_below_a,
      minPlateauS: i.min_plateau_s,
    });
    return {
      noise_sd_a: found.noiseSdA,
      boundaries: [...found.boundaries],
      cut_found: found.cutFound,
      idle_a: found.idleA,
      idle_samples: found.idleSamples,
      cut_a: found.cutA,
      cut_samples: found.cutSamples,
    };
  },
});
