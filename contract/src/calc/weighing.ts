import type { Odds, Weighing } from '@pike-stone/core/identify';
import * as z from 'zod';
import { figure, optional, result } from './schema';

/** A weighed and measured cutter, and odds of what it is made of, as the calculations take and give them. */
export const weighing = z
  .discriminatedUnion('kind', [
    z.strictObject({
      kind: z.literal('cylinder'),
      mass_g: figure,
      u_mass_g: figure,
      diameter_mm: figure,
      u_diameter_mm: figure,
      length_mm: figure,
      u_length_mm: figure,
    }),
    z.strictObject({
      kind: z.literal('block'),
      mass_g: figure,
      u_mass_g: figure,
      a_mm: figure,
      u_a_mm: figure,
      b_mm: figure,
      u_b_mm: figure,
      c_mm: figure,
      u_c_mm: figure,
    }),
    z.strictObject({
      kind: z.literal('hung-in-water'),
      mass_g: figure,
      u_mass_g: figure,
      mass_in_water_g: figure,
      water_g_cm3: figure,
    }),
  ])
  .transform((of): Weighing => {
    const mass = { massG: of.mass_g, uMassG: of.u_mass_g };
    switch (of.kind) {
      case 'cylinder':
        return {
          ...mass,
          kind: of.kind,
          diameterMm: of.diameter_mm,
          uDiameterMm: of.u_diameter_mm,
          lengthMm: of.length_mm,
          uLengthMm: of.u_length_mm,
        };
      case 'block':
        return {
          ...mass,
          kind: of.kind,
          sidesMm: [of.a_mm, of.b_mm, of.c_mm],
          uSidesMm: [of.u_a_mm, of.u_b_mm, of.u_c_mm],
        };
      case 'hung-in-water':
        return { ...mass, kind: of.kind, massInWaterG: of.mass_in_water_g, waterGCm3: of.water_g_cm3 };
    }
  });

const share = z
  .number({ error: 'Must be a number.' })
  .min(0, 'Must not be below 0.')
  .max(1, 'Must not be above 1.');

/** Odds that replace the usual ones, all seven. */
export const priors = optional(
  z.strictObject({
    'carbon-steel': share,
    hss: share,
    'cobalt-hss': share,
    carbide: share,
    cermet: share,
    ceramic: share,
    'pcd-tipped': share,
  } satisfies Record<keyof Odds, typeof share>),
);

export const odds = z.record(z.string(), result);
