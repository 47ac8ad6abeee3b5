import { readList, type CutBody } from '@pike-stone/contract';
import { isSign, PARAMETERS, type Trial } from '@pike-stone/core/learn';
import { useMemo } from 'react';
import { useRecords, type Shown } from '../../../data/records';
import { useOfShop } from '../../../sync/of-shop';

/** Most trials of a run that are read. */
const MOST = 200;

/** Every trial of a run in the order in which they were taken, with those that wait on this device. */
export function useTrials(runId: string) {
  const { data, error, loading } = useOfShop(`/api/book?run=${runId}&limit=${MOST}`, readList('cuts'));
  const here = useRecords('cuts');
  const trials = useMemo(() => {
    const found = new Map<string, Shown<'cuts'>>();
    for (const record of data?.records ?? []) found.set(record.id, { ...record, waiting: false });
    for (const record of here.records)
      if (record.body.runId === runId && record.version >= (found.get(record.id)?.version ?? 0))
        found.set(record.id, record);
    return [...found.values()]
      .filter(({ archived }) => !archived)
      .sort((a, b) => a.body.takenAt.localeCompare(b.body.takenAt));
  }, [data, here.records, runId]);
  return { trials, error, loading: loading && trials.length === 0 };
}

/** A cut of the book as a trial. */
export const trialOf = ({ set, signs, outcome, changed, better, measured }: CutBody): Trial => ({
  setting: set,
  signs: (signs ?? []).filter(isSign),
  outcome,
  changed: PARAMETERS.find((one) => one === changed) ?? null,
  better: better ?? false,
  raUm: measured?.raUm ?? null,
  netPowerW: measured?.netPowerW ?? null,
});
