import { slenderHold, slenderLimits, workDeflection } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const slenderLimitTopic = topic({
  input: z.strictObject({
    diameter_mm: figure,
    bore_mm: figure,
    length_mm: figure,
    modulus_gpa: figure,
    density_kg_m3: figure,
    rpm: figure,
    safe_share: figure,
    thrust_ratio: figure,
    kc_N_mm2: figure,
    feed_mm_rev: figure,
    depth_mm: figure,
    spring_factor: figure,
    diameter_error_mm: figure,
  }),
  output: z.strictObject({
    force_N: result,
    end_deflection_mm: result,
    longest_chuck_bend_mm: result,
    longest_chuck_whip_mm: result,
    longest_chuck_mm: result,
    longest_centre_bend_mm: result,
    longest_centre_mm: result,
    longest_span_mm: result,
    support: oneOf(['chuck', 'centre', 'steadies']),
    steadies: result,
    length_to_diameter: result,
    over_rule: z.boolean(),
  }),
  run: (i) => {
    const forceN = i.thrust_ratio * i.kc_N_mm2 * i.feed_mm_rev * i.depth_mm;
    const limits = slenderLimits({
      diameterMm: i.diameter_mm,
      boreMm: i.bore_mm,
      eGPa: i.modulus_gpa,
      densityKgM3: i.density_kg_m3,
      rpm: i.rpm,
      safeShare: i.safe_share,
      forceN,
      springFactor: i.spring_factor,
      diameterErrorMm: i.diameter_error_mm,
    });
    const { support, steadies } = slenderHold(i.length_mm, limits);
    const sprungN = forceN * i.spring_factor;
    const bent = workDeflection(
      'chuck',
      i.modulus_gpa,
      i.diameter_mm,
      i.bore_mm,
      i.length_mm,
      i.length_mm,
      sprungN,
    );
    return {
      force_N: forceN,
      end_deflection_mm: bent.deflectionMm,
      longest_chuck_bend_mm: limits.chuckBendMm,
      longest_chuck_whip_mm: limits.chuckWhipMm,
      longest_chuck_mm: limits.chuckMm,
      longest_centre_bend_mm: limits.centreBendMm,
      longest_centre_mm: limits.centreMm,
      longest_span_mm: limits.spanMm,
      support,
      steadies,
      length_to_diameter: bent.slenderness,
      over_rule: bent.overAllowable,
    };
  },
});
