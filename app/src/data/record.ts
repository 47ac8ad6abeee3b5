import { storedOf, type Kind } from '@pike-stone/contract';
import { Refusal } from '../sync/api';
import { useOfShop } from '../sync/of-shop';
import { useRecords, type Shown } from './records';

/** One record: of the list this device has, or else asked for at the server. */
export function useRecord<K extends Kind>(kind: K, id: string) {
  const { records, loading, error } = useRecords(kind);
  const known = records.find((one) => one.id === id);
  const asked = useOfShop(known || loading ? null : `/api/${kind}/${id}`, storedOf(kind));
  const record: Shown<K> | undefined = known ?? (asked.data && { ...asked.data, waiting: false });
  const refused = asked.error instanceof Refusal;
  return {
    record,
    loading: loading || (!record && asked.loading),
    error: record || refused ? undefined : (error ?? asked.error),
  };
}
