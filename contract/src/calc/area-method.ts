import { areaMethods, quickestWithin } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figure, result, word } from './schema';
import { topic } from './topic';

const method = z
  .strictObject({
    name: word,
    diameter_mm: figure,
    width_share: figure,
    teeth: figure,
    rpm: figure,
    fz_mm: figure,
    kc_n_mm2: figure,
    setup_min: figure,
  })
  .transform((of) => ({
    name: of.name,
    diameterMm: of.diameter_mm,
    widthShare: of.width_share,
    teeth: of.teeth,
    rpm: of.rpm,
    fzMm: of.fz_mm,
    kcNMm2: of.kc_n_mm2,
    setupMin: of.setup_min,
  }));

export const areaMethodTopic = topic({
  input: z.strictObject({
    width_mm: figure,
    length_mm: figure,
    depth_mm: figure,
    clearance_mm: figure,
    return_min: figure,
    power_available_kw: figure,
    methods: z.array(method).min(1, 'Give at least one.').max(50, 'No more than 50.'),
  }),
  output: z.strictObject({
    methods: z.array(
      z.strictObject({
        name: z.string(),
        passes: result,
        time_min: result,
        steps_between_passes: result,
        power_kw: result,
      }),
    ),
    quickest_within_power: z.string().nullable(),
  }),
  run: (i) => {
    const ways = areaMethods(
      {
        widthMm: i.width_mm,
        lengthMm: i.length_mm,
        depthMm: i.depth_mm,
        clearanceMm: i.clearance_mm,
        returnMin: i.return_min,
      },
      i.methods,
    );
    return {
      methods: ways.map((way) => ({
        name: way.name,
        passes: way.passes,
        time_min: way.minutes,
        steps_between_passes: way.stepsBetweenPasses,
        power_kw: way.powerKw,
      })),
      quickest_within_power: quickestWithin(ways, i.power_available_kw)?.name ?? null,
    };
  },
});
