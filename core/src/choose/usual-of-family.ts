import { toolMaterial } from '../tool/library';
import type { Tool } from '../tool/tool';
import type { ToolMaterialKey } from '../tool/tool-material';
import { usualMaterials } from '../tool/usual-tool';
import { familyOf, type EdgeFamily } from './judged-tool';

/** Tools that are ground to their form, from a brazed tip where they are of carbide. */
const GROUND_TO_FORM: readonly Tool['kind'][] = ['form-tool', 'form-cutter'];

/** What a tool of a kind is made of in a family; polished carbide where the metal welds to a coating. */
function usualMaterial(kind: Tool['kind'], family: EdgeFamily, isGummy: boolean): ToolMaterialKey {
  const usual = usualMaterials(kind).filter((key) => toolMaterial(key).family === family);
  const polished = isGummy ? usual.find((key) => key === 'carbide-uncoated') : undefined;
  return polished ?? usual[0] ?? (GROUND_TO_FORM.includes(kind) ? 'brazed-carbide' : 'solid-carbide');
}

/**
 * A tool as it would be of a family, new and sharp, of the same sizes: what is bought or
 * ground when the drawer has none.
 *
 * @param isGummy  the metal welds to coatings and wants a polished edge
 */
export function usualOfFamily(tool: Tool, family: EdgeFamily, isGummy: boolean): Tool {
  const sharp = { ...tool, dull: false };
  if (familyOf(tool) === family) return sharp;
  const material = usualMaterial(tool.kind, family, isGummy);
  // Rake and coating belonged to the other edge.
  const bare =
    'coating' in sharp || 'rakeDeg' in sharp ? { ...sharp, coating: undefined, rakeDeg: undefined } : sharp;
  return { ...bare, material };
}
