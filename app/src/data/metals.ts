import type { MetalBody } from '@pike-stone/contract';
import { MATERIALS, material } from '@pike-stone/core';
import { useMemo } from 'react';
import { useRecords, type Shown } from './records';

/** Metals that stock can be made of: the shop's own first, then the library's. */
export interface Metals {
  readonly loading: boolean;
  /** The shop's own metal of this name; null for a metal of the library. */
  own(metal: string): MetalBody | null;
  nameOf(metal: string): string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

const LIBRARY = MATERIALS.map(({ key, name }) => ({ value: key, label: name }));

const metalsOf = (records: readonly Shown<'metals'>[], loading: boolean): Metals => {
  const own = (metal: string) => records.find((record) => record.id === metal)?.body ?? null;
  return {
    loading,
    own,
    nameOf: (metal) =>
      own(metal)?.name ?? LIBRARY.find((row) => row.value === metal)?.label ?? 'a metal no longer here',
    options: [
      ...records
        .filter((record) => !record.archived)
        .map(({ id, body }) => ({
          value: id,
          label: `${body.name} (yours, ${material(body.baseKey).name.toLowerCase()})`,
        })),
      ...LIBRARY,
    ],
  };
};

export function useMetals(): Metals {
  const { records, loading } = useRecords('metals');
  return useMemo(() => metalsOf(records, loading), [records, loading]);
}
