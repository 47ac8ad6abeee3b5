import type { SupplyBody, SupplyOf } from '@pike-stone/contract';
import { useMemo } from 'react';
import { useRecords, type Shown } from '../../../data/records';
import { wheelInUse, type WheelInUse } from './wheel-in-use';

/** A store of one kind, as pages show it. */
export type StoreOf<K extends SupplyBody['kind']> = Omit<Shown<'supplies'>, 'body'> & {
  readonly body: SupplyOf<K>;
};
export interface ShownWheel {
  readonly record: StoreOf<'wheel'>;
  readonly use: WheelInUse;
}

const isOf =
  <K extends SupplyBody['kind']>(kind: K) =>
  (record: Shown<'supplies'>): record is StoreOf<K> & Shown<'supplies'> =>
    !record.archived && record.body.kind === kind;

const shown = <B>(records: readonly { readonly archived: boolean; readonly body: B }[]): readonly B[] =>
  records.flatMap(({ archived, body }) => (archived ? [] : [body]));

/** Places where grinders are used, in the order of their lists. */
const PLACES: readonly SupplyOf<'grinder'>['stands'][] = ['bench', 'tool-post', 'hand'];

/** The wheels of the shop with their grinders and their books. */
export function useWheels() {
  const supplies = useRecords('supplies');
  const book = useRecords('wheel-book');
  const sharpenings = useRecords('sharpenings');
  const grinds = useRecords('grinds');
  const grinders = useMemo(
    () =>
      supplies.records
        .filter(isOf('grinder'))
        .sort((a, b) => PLACES.indexOf(a.body.stands) - PLACES.indexOf(b.body.stands)),
    [supplies.records],
  );
  const wheels = useMemo(
    () =>
      supplies.records
        .filter(isOf('wheel'))
        .map((record): ShownWheel => ({
          record,
          use: wheelInUse(
            record.id,
            record.body,
            grinders.find(({ id }) => id === record.body.grinderId)?.body ?? null,
            {
              entries: book.records.filter(({ archived }) => !archived),
              sharpenings: shown(sharpenings.records),
              grinds: shown(grinds.records),
            },
          ),
        })),
    [supplies.records, grinders, book.records, sharpenings.records, grinds.records],
  );
  return {
    wheels,
    grinders,
    loading: supplies.loading || book.loading || sharpenings.loading || grinds.loading,
    error: supplies.error ?? book.error ?? sharpenings.error ?? grinds.error,
  };
}
