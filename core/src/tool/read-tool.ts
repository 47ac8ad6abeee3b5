import { readLength, type LengthUnit } from '../quantity/length-entry';
import type { ToolKind } from './tool';
import type { ToolMaterialKey } from './tool-material';
import { usualMaterials, type ToolWish } from './usual-tool';

/** Words that name what an edge is made of; the first that stands in the text counts. */
const MATERIAL_WORDS: readonly (readonly [word: RegExp, material: ToolMaterialKey])[] = [
  [/\bcobalt\b|\bhss[- ]?(?:co|e)\b/i, 'hss-co'],
  [/\bcarbon steel\b/i, 'carbon-steel'],
  [/\bhss\b|\bhigh speed steel\b/i, 'hss'],
  [/\bbrazed\b/i, 'brazed-carbide'],
  [/\bpolished\b|\bground insert\b|\buncoated\b/i, 'carbide-uncoated'],
  [/\bsolid carbide\b/i, 'solid-carbide'],
  [/\bcoated\b|\binsert\b/i, 'carbide-coated'],
];
const TEETH = /\b(\d{1,2})\s*-?\s*(?:flutes?|fl|teeth|tooth)\b|\bz\s*=?\s*(\d{1,2})\b/i;
/** What may stand in a size: figures, fractions, decimals with point or comma, and a unit. */
const SIZE = /#?\d[\d.,]*(?:\s+\d+\/\d+|\/\d+)?\s*(?:mm|in\b|inch\b|")?/i;

/** Bare "carbide" is solid for cutters that are bought so, else an insert. */
const bareCarbide = (kind: ToolKind): ToolMaterialKey =>
  usualMaterials(kind).includes('solid-carbide') ? 'solid-carbide' : 'carbide-coated';

function materialIn(text: string, kind: ToolKind): ToolMaterialKey | null {
  const named = MATERIAL_WORDS.find(([word]) => word.test(text));
  if (named) return named[1];
  return /\bcarbide\b/i.test(text) ? bareCarbide(kind) : null;
}

/**
 * A tool as it is typed: "HSS end mill 12, 4 flutes", "3/8 carbide", "insert 0.4".
 * What is not said is as usual.
 *
 * @param kind  what the operation is done with
 * @param unit  of a bare figure
 * @returns null when there is no size in it
 */
export function readTool(text: string, kind: ToolKind, unit: LengthUnit): ToolWish | null {
  const teethSaid = TEETH.exec(text);
  const rest = teethSaid ? text.replace(teethSaid[0], ' ') : text;
  const said = SIZE.exec(rest)?.[0].trim();
  if (!said) return null;
  const entry = readLength(said, unit, kind === 'drill' ? 'drill' : 'diameter');
  if (entry.status !== 'ok' || !(entry.valueMm > 0)) return null;
  return {
    kind,
    material: materialIn(text, kind) ?? usualMaterials(kind)[0]!,
    sizeMm: entry.valueMm,
    teeth: teethSaid ? Number(teethSaid[1] ?? teethSaid[2]) : null,
  };
}
