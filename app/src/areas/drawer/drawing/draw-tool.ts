import type { ToolBody } from '@pike-stone/contract';
import { discTool } from './disc-tool';
import type { Paper, ToolArt } from './paper';
import { roundTool } from './round-tool';
import { blade, nosedTool } from './single-point';
import { isDrawn, sizesOf } from './sizes';

/** The drawing of a tool to scale; null for one without a size. */
export function drawTool(body: Readonly<Record<string, unknown>>, paper: Paper): ToolArt | null {
  const kind = body.kind as ToolBody['kind'];
  if (!isDrawn(kind)) return null;
  const sizes = sizesOf(body);
  switch (kind) {
    case 'turning-tool':
    case 'boring-bar':
    case 'threading-tool':
      return nosedTool(kind, sizes, paper);
    case 'parting-blade':
    case 'form-tool':
      return blade(kind, sizes, paper);
    case 'slitting-saw':
    case 'form-cutter':
      return discTool(kind, sizes, paper);
    default:
      return roundTool(kind, sizes, paper);
  }
}
