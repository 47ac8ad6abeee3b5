import type { SupplyBody, ToolBody } from '@pike-stone/contract';
import type { UsedUp } from '@pike-stone/core/inventory';
import type { Happening } from '../../../data/stock-levels';

/** Edges, or regrinds, from which something is low when nothing else is said. */
const USUAL_LOW = { edges: 4, regrinds: 2 } as const;

/** Something that is used up, and where it is counted. */
export interface Counted {
  readonly of: Happening['of'];
  readonly itemId: string;
  readonly usedUp: UsedUp;
  readonly edgesEach: number | null;
  readonly price: number | null;
  /** Name of the box, where a tool takes its edges from one. */
  readonly from: string | null;
}

/** How a supply is counted; null for one that is not: a holder, a wheel, a stone. */
export function supplyCounted(id: string, body: SupplyBody): Counted | null {
  const common = { of: 'supplies' as const, itemId: id, price: body.price ?? null, from: null };
  if (body.kind === 'insert-box')
    return {
      ...common,
      usedUp: { by: 'edges', lowAt: body.lowAt ?? USUAL_LOW.edges },
      edgesEach: body.edgesEach,
    };
  if (body.kind === 'blank')
    return {
      ...common,
      usedUp: { by: 'length', regrindMm: body.regrindMm, lowAt: body.lowAt ?? USUAL_LOW.regrinds },
      edgesEach: null,
    };
  return null;
}

/** How a tool is counted: by the box its inserts come from, or by what is left to grind away; null when it is not. */
export function toolCounted(
  id: string,
  body: Pick<ToolBody, 'boxId' | 'regrindMm' | 'price'>,
  supplies: readonly { readonly id: string; readonly body: SupplyBody }[],
): Counted | null {
  const box = body.boxId ? supplies.find((one) => one.id === body.boxId) : undefined;
  if (box) {
    const counted = supplyCounted(box.id, box.body);
    return counted && { ...counted, from: box.body.name };
  }
  if (!body.regrindMm) return null;
  return {
    of: 'tools',
    itemId: id,
    usedUp: { by: 'length', regrindMm: body.regrindMm, lowAt: USUAL_LOW.regrinds },
    edgesEach: null,
    price: body.price ?? null,
    from: null,
  };
}
