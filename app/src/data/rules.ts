import type { RulesBody } from '@pike-stone/contract';
import { save, useRecords } from './records';
import { useSession } from '../sync/session';

/** What is being written: a second choice, made before the page shows the first, does not undo it. */
let underWay: Partial<RulesBody> = {};

/** The schools this shop follows, and how to change one. */
export function useRules() {
  const { data: session } = useSession();
  const { records, loading } = useRecords('rules');
  const record = records[0];
  const change = async (part: Partial<RulesBody>): Promise<void> => {
    if (!session || !record) return;
    const all = { ...underWay, ...part };
    underWay = all;
    await save('rules', session.shop.id, record.version, { ...record.body, ...all });
    if (underWay === all) underWay = {};
  };
  return { rules: record?.body, loading, change };
}
