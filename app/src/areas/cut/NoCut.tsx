import { sayMisfit } from '@pike-stone/words/misfit';
import { useRouter } from 'expo-router';
import { useUnits } from '../../data/preferences';
import { backOr } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import type { useCut } from './useCut';

/** What a page of the cut shows while there is none: loading, nothing set up, or why it cannot be. */
export function NoCut({
  loading,
  error,
  refused,
}: Pick<ReturnType<typeof useCut>, 'loading' | 'error' | 'refused'>) {
  const router = useRouter();
  const units = useUnits();
  if (!refused && (loading || error)) return <Loading error={error} />;
  return (
    <Empty
      title={refused ? 'This cut cannot be' : 'No cut is set up'}
      action={<Button label="To Cut" onPress={() => backOr(router, '/cut')} />}
    >
      {refused
        ? refused.misfits.map((misfit) => sayMisfit(misfit, refused.setup, units)).join(' ')
        : 'Choose machine, stock and tool first.'}
    </Empty>
  );
}
