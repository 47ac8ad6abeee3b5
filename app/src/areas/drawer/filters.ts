import type { Body, DrawerKind } from '@pike-stone/contract';
import { rotates, type ToolKind } from '@pike-stone/core';

interface Filter<K extends DrawerKind> {
  readonly value: string;
  readonly label: string;
  readonly shows: (body: Body<K>) => boolean;
}

const HOLES: readonly ToolKind[] = ['drill', 'centre-drill', 'reamer'];

/** What a list can be narrowed to; each stands in the address. Kinds that are left out show everything. */
const FILTERS: { readonly [K in DrawerKind]?: readonly Filter<K>[] } = {
  tools: [
    { value: 'turning', label: 'Turning', shows: (tool) => !rotates(tool) },
    { value: 'holes', label: 'Holes', shows: ({ kind }) => HOLES.includes(kind) },
    { value: 'milling', label: 'Milling', shows: (tool) => rotates(tool) && !HOLES.includes(tool.kind) },
    { value: 'dull', label: 'Dull', shows: ({ dull }) => dull },
  ],
  supplies: [
    { value: 'inserts', label: 'Inserts', shows: ({ kind }) => kind === 'insert-box' },
    { value: 'blanks', label: 'Blanks', shows: ({ kind }) => kind === 'blank' },
    { value: 'others', label: 'Others', shows: ({ kind }) => kind !== 'insert-box' && kind !== 'blank' },
  ],
};

export const filtersOf = <K extends DrawerKind>(kind: K): readonly Filter<K>[] => FILTERS[kind] ?? [];
