import { chooseInstrument } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figure, result, word } from './schema';
import { topic } from './topic';

const instrument = z
  .strictObject({
    name: word,
    features: z.array(word).max(20, 'No more than 20.'),
    resolution_mm: figure,
    u_expanded_mm: figure,
    cost: figure,
    min_mm: figure,
    max_mm: figure,
  })
  .transform((of) => ({
    name: of.name,
    features: of.features,
    resolutionMm: of.resolution_mm,
    uExpandedMm: of.u_expanded_mm,
    cost: of.cost,
    minMm: of.min_mm,
    maxMm: of.max_mm,
  }));

export const instrumentChoiceTopic = topic({
  input: z.strictObject({
    feature: word,
    size_mm: figure,
    tolerance_width_mm: figure,
    ratio_wanted: figure,
    instruments: z.array(instrument).min(1, 'Give at least one.').max(100, 'No more than 100.'),
  }),
  output: z.strictObject({
    chosen: z.string().nullable(),
    enough: z.boolean(),
    ratio: result.nullable(),
    acceptable: z.array(z.string()),
    accept_width_mm: result,
  }),
  run: (i) => {
    const r = chooseInstrument(
      {
        feature: i.feature,
        sizeMm: i.size_mm,
        toleranceWidthMm: i.tolerance_width_mm,
        ratioWanted: i.ratio_wanted,
      },
      i.instruments,
    );
    return {
      chosen: r?.chosen.name ?? null,
      enough: r?.enough ?? false,
      ratio: r?.ratio ?? null,
      acceptable: r?.acceptable.map(({ name }) => name) ?? [],
      accept_width_mm: r?.acceptWidthMm ?? 0,
    };
  },
});
