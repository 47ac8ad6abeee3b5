import type { Material } from '../material/material';
import type { Tool } from './tool';

/** Why a tool is not the first choice for a metal, whatever the set-up. */
export type Unsuited = 'dull' | 'coating-welds' | 'soft-metals-only' | 'no-gain';

/**
 * Why a tool is not the first choice for a metal; null when it suits: a worn edge, a
 * coating that welds to the metal, a sharp polished insert that iron and steel chip,
 * a coated insert in plastic.
 */
export function unsuited(
  tool: Tool,
  metal: Pick<Material, 'iso513' | 'weldsToAluminiumCoating' | 'speedMPerMin'>,
): Unsuited | null {
  if (tool.dull) return 'dull';
  const coating = 'coating' in tool ? tool.coating : undefined;
  if (coating === 'with-aluminium' && metal.weldsToAluminiumCoating) return 'coating-welds';
  if (tool.material === 'carbide-uncoated' && tool.kind === 'turning-tool' && metal.iso513 !== 'N')
    return 'soft-metals-only';
  return tool.material === 'carbide-coated' && metal.speedMPerMin['carbide-coated'] === null
    ? 'no-gain'
    : null;
}
