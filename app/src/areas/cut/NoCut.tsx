import { useRouter } from 'expo-router';
import { backOr } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import type { useCut } from './useCut';

/** What a page of the cut shows while there is none: loading, nothing set up, or why it cannot be. */
export function NoCut({ loading, error, why }: Pick<ReturnType<typeof useCut>, 'loading' | 'error' | 'why'>) {
  const router = useRouter();
  if (!why && (loading || error)) return <Loading error={error} />;
  return (
    <Empty
      title={why ? 'This cut cannot be' : 'No cut is set up'}
      action={<Button label="To Cut" onPress={() => backOr(router, '/cut')} />}
    >
      {why ?? 'Choose machine, stock and tool first.'}
    </Empty>
  );
}
