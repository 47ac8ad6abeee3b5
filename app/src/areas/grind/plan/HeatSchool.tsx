import { choosesHeat } from '@pike-stone/core/grind';
import { HEAT_SCHOOLS } from '@pike-stone/words/grind';
import { Choice } from '../../../kit/Choice';
import type { Bit } from '../use-bit';

/** How the tip of a high speed steel bit is kept cool; other steels and carbide leave no choice. */
export function HeatSchool({ bit }: { bit: Bit }) {
  const { heat, material } = bit.body;
  if (!choosesHeat(material)) return null;
  return (
    <Choice
      says="Kept cool"
      value={heat}
      onChange={(school) => bit.change({ heat: school })}
      options={(['air', 'dip'] as const).map((value) => ({ value, label: HEAT_SCHOOLS[value].name }))}
      about={HEAT_SCHOOLS[heat].about}
    />
  );
}
