import { storedOf, type Kind, type Stored } from '@pike-stone/contract';
import useSWR from 'swr';
import { Refusal } from '../sync/api';
import { reading } from '../sync/reading';
import { useRecords, type Shown } from './records';

/** One record: of the list this device has, or else asked for at the server. */
export function useRecord<K extends Kind>(kind: K, id: string) {
  const { records, loading, error } = useRecords(kind);
  const known = records.find((one) => one.id === id);
  const asked = useSWR<Stored<K>>(known || loading ? null : `/api/${kind}/${id}`, (path: string) =>
    reading(path, storedOf(kind)),
  );
  const record: Shown<K> | undefined = known ?? (asked.data && { ...asked.data, waiting: false });
  const refused = asked.error instanceof Refusal;
  return {
    record,
    loading: loading || (!record && asked.isLoading),
    error: record || refused ? undefined : (error ?? (asked.error as Error | undefined)),
  };
}
