import { CHOICE_FACTORS, flips, INSERT_KINDS, weigh } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figure, oneOf, result, yesNo } from './schema';
import { topic } from './topic';

const factor = oneOf(CHOICE_FACTORS);
const side = oneOf(['hss', 'carbide']);

export const chooseToolMaterialTopic = topic({
  input: z
    .strictObject({
      vc_reachable_m_min: figure,
      carbide_vc_low_m_min: figure,
      power_available_kw: figure,
      power_needed_kw: figure,
      stiffness: figure,
      hardness_hb: figure,
      depth_mm: figure,
      nose_radius_mm: figure,
      edge_radius_um: figure,
      feed_mm: figure,
      interruption: figure,
      special_form: yesNo,
      batch: figure,
      hss_cost_per_part: figure,
      carbide_cost_per_part: figure,
      finish_ra_um: figure,
      hand_feed: yesNo,
      chip: oneOf(['short', 'medium', 'stringy']),
      breaker_in_range: yesNo,
      gummy: yesNo,
      insert: oneOf(INSERT_KINDS),
      abrasive: yesNo,
      hot_alloy: yesNo,
      carbide_in_drawer: yesNo,
      hss_in_drawer: yesNo,
    })
    .transform((i) => ({
      reachableMPerMin: i.vc_reachable_m_min,
      carbideLowMPerMin: i.carbide_vc_low_m_min,
      powerAvailableKw: i.power_available_kw,
      powerNeededKw: i.power_needed_kw,
      stiffness: i.stiffness,
      hardnessHb: i.hardness_hb,
      depthMm: i.depth_mm,
      noseRadiusMm: i.nose_radius_mm,
      edgeRadiusUm: i.edge_radius_um,
      feedMm: i.feed_mm,
      interruption: i.interruption,
      specialForm: i.special_form,
      parts: i.batch,
      hssCostPerPart: i.hss_cost_per_part,
      carbideCostPerPart: i.carbide_cost_per_part,
      finishRaUm: i.finish_ra_um,
      handFeed: i.hand_feed,
      chip: i.chip,
      breakerInRange: i.breaker_in_range,
      gummy: i.gummy,
      insert: i.insert,
      abrasive: i.abrasive,
      hotAlloy: i.hot_alloy,
      carbideInDrawer: i.carbide_in_drawer,
      hssInDrawer: i.hss_in_drawer,
    })),
  output: z.strictObject({
    score: result,
    probability_carbide: result,
    verdict: oneOf(['hss', 'carbide', 'either']),
    confidence_word: oneOf(['strong', 'clear', 'slight', 'toss-up']),
    excluded: side.nullable(),
    contributions: z.record(factor, result),
    top_reasons: z.array(factor).readonly(),
    flip_factors: z.array(factor).readonly(),
    flip_vc_reachable_m_min: result.nullable(),
    flip_hardness_hb: result.nullable(),
    flip_batch: result.nullable(),
  }),
  run: (i) => {
    const found = weigh(i);
    const turned = flips(i);
    return {
      score: found.score,
      probability_carbide: found.probabilityCarbide,
      verdict: found.verdict,
      confidence_word: found.confidence,
      excluded: found.excluded,
      contributions: found.contributions,
      top_reasons: found.topReasons,
      flip_factors: turned.factors,
      flip_vc_reachable_m_min: turned.reachableMPerMin,
      flip_hardness_hb: turned.hardnessHb,
      flip_batch: turned.parts,
    };
  },
});
