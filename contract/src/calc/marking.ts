import { readMarking } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { oneOf, result, word } from './schema';
import { topic } from './topic';

export const markingTopic = topic({
  input: z.strictObject({ text: word }),
  output: z.union([
    z.strictObject({
      prefix: word.nullable(),
      abrasive: word,
      abrasive_name: word,
      grit: result,
      grit_class: word,
      grade: word,
      grade_class: word,
      structure: result.nullable(),
      structure_class: word.nullable(),
      bond: word,
      bond_name: word,
      suffix: word.nullable(),
      max_speed_m_s: result.nullable(),
    }),
    z.strictObject({ error: oneOf(['bad-marking', 'bad-grit', 'bad-speed']) }),
  ]),
  run: (i) => {
    const r = readMarking(i.text);
    if (typeof r === 'string') return { error: r };
    return {
      prefix: r.prefix,
      abrasive: r.abrasive,
      abrasive_name: r.abrasiveName,
      grit: r.grit,
      grit_class: r.gritClass,
      grade: r.grade,
      grade_class: r.gradeClass,
      structure: r.structure,
      structure_class: r.structureClass,
      bond: r.bond,
      bond_name: r.bondName,
      suffix: r.suffix,
      max_speed_m_s: r.maxSpeedMPerS,
    };
  },
});
