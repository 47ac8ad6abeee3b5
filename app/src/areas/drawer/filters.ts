import type { DrawerKind } from '@pike-stone/contract';
import { rotates, TOOL_KINDS, type ToolKind } from '@pike-stone/core';
import { usualTool } from '@pike-stone/core/forecast';
import type { Narrowed } from '../../data/pages';

/** What a list can be narrowed to, as the server narrows it. */
interface Filter extends Pick<Narrowed, 'kinds' | 'dull'> {
  readonly value: string;
  readonly label: string;
}

const HOLES: readonly ToolKind[] = ['drill', 'centre-drill', 'reamer'];
/** A cutter whose own diameter cuts goes round, and mills where it makes no hole. */
const MILLING = TOOL_KINDS.filter(
  (kind) =>
    rotates(usualTool({ kind, material: 'hss', sizeMm: 10, teeth: null }, kind)) && !HOLES.includes(kind),
);
const TURNING = TOOL_KINDS.filter((kind) => !HOLES.includes(kind) && !MILLING.includes(kind));

/** Filters of a kind; each stands in the address. Kinds that are left out show everything. */
const FILTERS: { readonly [K in DrawerKind]?: readonly Filter[] } = {
  tools: [
    { value: 'turning', label: 'Turning', kinds: TURNING },
    { value: 'holes', label: 'Holes', kinds: HOLES },
    { value: 'milling', label: 'Milling', kinds: MILLING },
    { value: 'dull', label: 'Dull', dull: true },
  ],
  supplies: [
    { value: 'inserts', label: 'Inserts', kinds: ['insert-box'] },
    { value: 'blanks', label: 'Blanks', kinds: ['blank'] },
    {
      value: 'others',
      label: 'Others',
      kinds: ['holder', 'wheel', 'grinder', 'stone', 'gauge-set', 'dividing-head'],
    },
  ],
};

export const filtersOf = (kind: DrawerKind): readonly Filter[] => FILTERS[kind] ?? [];
