import { positive, within } from '@pike-stone/core';
import { chipForm, type ChipBreaker } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, oneOf, yesNo, optional, result } from './schema';
import { topic } from './topic';

/** Sizes of a breaker; those of another kind may be left out. */
const BREAKER = {
  step_distance_mm: optional(figure),
  step_height_mm: optional(figure),
  groove_width_mm: optional(figure),
  groove_depth_mm: optional(figure),
  land_mm: optional(figure),
};

interface BreakerInput {
  readonly breaker: ChipBreaker['kind'];
  readonly step_distance_mm: number | undefined;
  readonly step_height_mm: number | undefined;
  readonly groove_width_mm: number | undefined;
  readonly groove_depth_mm: number | undefined;
  readonly land_mm: number | undefined;
}

/** A size that its breaker needs. */
const size = (what: string, mm: number | undefined): number => positive(what, mm ?? NaN);

function breakerOf(i: BreakerInput): ChipBreaker {
  switch (i.breaker) {
    case 'none':
      return { kind: 'none' };
    case 'step':
      return {
        kind: 'step',
        distanceMm: size('distance of the step', i.step_distance_mm),
        heightMm: size('height of the step', i.step_height_mm),
      };
    case 'groove':
      return {
        kind: 'groove',
        widthMm: size('width of the groove', i.groove_width_mm),
        depthMm: size('depth of the groove', i.groove_depth_mm),
        landMm: within('land', i.land_mm ?? NaN, 0, Infinity),
      };
  }
}

export const chipFormTopic = topic({
  input: z.strictObject({
    depth_mm: figure,
    feed_mm_rev: figure,
    nose_radius_mm: figure,
    approach_deg: figure,
    rake_deg: figure,
    chip_ratio: figure,
    break_strain: figure,
    fluid: yesNo,
    breaker: oneOf(['none', 'step', 'groove']),
    ...BREAKER,
  }),
  output: z.strictObject({
    edge_length_mm: result,
    h_mean_mm: result,
    chip_ratio_effective: result,
    chip_thickness_mm: result,
    contact_mm: result,
    curl_natural_mm: result,
    curl_forced_mm: result.nullable(),
    curl_mm: result,
    crowded: z.boolean(),
    chip_strain: result,
    break_index: result,
    flow_angle_deg: result,
    class: z.string(),
    possible: z.array(z.string()).readonly(),
    breaks: z.boolean(),
  }),
  run: (i) => {
    const r = chipForm(
      {
        depthMm: i.depth_mm,
        feedMmRev: i.feed_mm_rev,
        noseRadiusMm: i.nose_radius_mm,
        approachDeg: i.approach_deg,
        rakeDeg: i.rake_deg,
        chipRatio: i.chip_ratio,
        breakStrain: i.break_strain,
        fluid: i.fluid,
      },
      breakerOf(i),
    );
    return {
      edge_length_mm: r.edgeMm,
      h_mean_mm: r.meanChipMm,
      chip_ratio_effective: r.ratio,
      chip_thickness_mm: r.thicknessMm,
      contact_mm: r.contactMm,
      curl_natural_mm: r.naturalCurlMm,
      curl_forced_mm: r.forcedCurlMm,
      curl_mm: r.curlMm,
      crowded: r.crowded,
      chip_strain: r.strain,
      break_index: r.breakIndex,
      flow_angle_deg: r.flowDeg,
      class: r.chip,
      possible: r.possible,
      breaks: r.breaks,
    };
  },
});
