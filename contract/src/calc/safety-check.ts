import { BOND_MARKS, wheelFaults, type BondMark } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, oneOf, word, yesNo } from './schema';
import { topic } from './topic';

const bonds = Object.keys(BOND_MARKS) as [BondMark, ...BondMark[]];

export const safetyCheckTopic = topic({
  input: z.strictObject({
    rest_gap_mm: figure,
    tongue_gap_mm: figure,
    spindle_rpm: figure,
    wheel_diameter_mm: figure,
    rated_speed_m_s: figure,
    flange_diameter_mm: figure,
    bond: oneOf(bonds),
    ring_test: oneOf(['clear', 'dull', 'not-done']),
    use: oneOf(['periphery', 'side']),
    side_rated: yesNo,
    cut_off: yesNo,
    face_protection: yesNo,
    breathing_protection: yesNo,
    gloves: yesNo,
    work_material: word,
  }),
  output: z.strictObject({ ok: yesNo, fails: z.array(word).readonly() }),
  run: (i) => {
    const fails = wheelFaults({
      restGapMm: i.rest_gap_mm,
      tongueGapMm: i.tongue_gap_mm,
      spindleRpm: i.spindle_rpm,
      wheelMm: i.wheel_diameter_mm,
      ratedMPerS: i.rated_speed_m_s,
      flangeMm: i.flange_diameter_mm,
      bond: i.bond,
      ringTest: i.ring_test,
      use: i.use,
      sideRated: i.side_rated,
      cutOff: i.cut_off,
      faceProtection: i.face_protection,
      breathingProtection: i.breathing_protection,
      gloves: i.gloves,
      workMaterial: i.work_material,
    });
    return { ok: fails.length === 0, fails };
  },
});
