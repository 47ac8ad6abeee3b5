import type { OperationKey } from '@pike-stone/core';

/** Operations as they are looked for: by where on the work they cut. */
export const OPERATION_GROUPS: readonly {
  readonly title: string;
  readonly operations: readonly OperationKey[];
}[] = [
  {
    title: 'Outside',
    operations: ['turn', 'face', 'shoulder', 'taper', 'chamfer', 'groove', 'part', 'form', 'knurl', 'file'],
  },
  { title: 'Inside', operations: ['bore', 'mill-bore'] },
  { title: 'Holes', operations: ['drill', 'centre-drill', 'ream'] },
  { title: 'Threads', operations: ['thread'] },
  { title: 'Flats and edges', operations: ['face-mill', 'fly-cut', 'mill-side', 'shape'] },
  {
    title: 'Slots and pockets',
    operations: ['mill-slot', 'plunge', 'ramp', 'saw', 'form-mill', 't-slot', 'dovetail'],
  },
];

/** The groups with those of their operations that are in a list; empty groups are left out. */
export const groupedOperations = (among: readonly OperationKey[]) =>
  OPERATION_GROUPS.map(({ title, operations }) => ({
    title,
    operations: operations.filter((key) => among.includes(key)),
  })).filter(({ operations }) => operations.length > 0);
