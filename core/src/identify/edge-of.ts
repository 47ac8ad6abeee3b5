import type { ToolMaterialKey } from '../tool/tool-material';
import type { Identified } from './identify';
import type { Substance } from './substance';

/** What a cutter of a substance is in the drawer; null where no speeds are known for it. */
const EDGE_OF: Readonly<Record<Substance, ToolMaterialKey | null>> = {
  'carbon-steel': 'carbon-steel',
  hss: 'hss',
  'cobalt-hss': 'hss-co',
  carbide: 'solid-carbide',
  cermet: 'carbide-uncoated',
  ceramic: null,
  'pcd-tipped': null,
};

/** A steel of this share, one or the other, is high speed steel enough to be set as such. */
const SOME_STEEL = 0.9;
const SURELY_COBALT = 0.95;

/**
 * What the speeds of an identified cutter are set by: of high speed steel and cobalt
 * that are not told apart the slower one.
 *
 * @returns null when no speeds are known for it
 * @example edgeOf(identify({ magnet: 'strong', spark: 'short-dull-red' })) // 'hss'
 */
export function edgeOf({ best, odds, steels }: Identified): ToolMaterialKey | null {
  const isSomeHss = best === 'hss' || best === 'cobalt-hss';
  if (isSomeHss && steels >= SOME_STEEL && odds['cobalt-hss'] < SURELY_COBALT) return EDGE_OF.hss;
  return EDGE_OF[best];
}
