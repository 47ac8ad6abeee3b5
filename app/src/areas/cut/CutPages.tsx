import { Slot, useRouter } from 'expo-router';
import { Button } from '../../kit/Button';
import { Empty } from '../../kit/Empty';
import { Screen } from '../../kit/Screen';
import { useAddress } from './useAddress';
import { SetUpComes } from './useCut';

/** All pages under a cut: their address carries the set-up. A damaged one is said, and opens nothing else. */
export function CutPages() {
  const router = useRouter();
  const { damage, comes } = useAddress();
  if (damage === null)
    return (
      <SetUpComes.Provider value={comes}>
        <Slot />
      </SetUpComes.Provider>
    );
  return (
    <Screen title="This link is damaged">
      <Empty
        title={damage}
        action={<Button label="Open the cut that is set up here" onPress={() => router.replace('/cut')} />}
      >
        A link to a cut holds all of its set-up. Nothing was opened and nothing was changed; ask for the link
        again, or set the cut up by hand.
      </Empty>
    </Screen>
  );
}
