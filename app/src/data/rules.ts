import type { RulesBody } from '@pike-stone/contract';
import { save, useRecords } from './records';
import { useSession } from '../sync/session';

/** The schools this shop follows, and how to change one. */
export function useRules() {
  const { data: session } = useSession();
  const { records, loading } = useRecords('rules');
  const record = records[0];
  const change = async (part: Partial<RulesBody>): Promise<void> => {
    if (session && record) await save('rules', session.shop.id, record.version, { ...record.body, ...part });
  };
  return { rules: record?.body, loading, change };
}
