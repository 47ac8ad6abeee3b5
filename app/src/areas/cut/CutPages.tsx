import { Slot, useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../kit/Button';
import { Empty } from '../../kit/Empty';
import { Screen } from '../../kit/Screen';
import { sheet } from '../../theme/sheet';
import { useAddress } from './useAddress';
import { SetUpComes } from './useCut';

/** All pages under a cut: their address carries the set-up. A damaged one is said, and opens nothing else. */
export function CutPages() {
  const { damage, comes } = useAddress();
  // The page stays where it is, unseen and without a cut: the router forgets the address of one that is not drawn.
  return (
    <>
      <View style={damage === null ? styles.page : styles.unseen}>
        <SetUpComes.Provider value={comes}>
          <Slot />
        </SetUpComes.Provider>
      </View>
      {damage !== null && <DamagedLink damage={damage} />}
    </>
  );
}

function DamagedLink({ damage }: { damage: string }) {
  const router = useRouter();
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

const styles = sheet({ page: { flex: 1, minHeight: 0 }, unseen: { display: 'none' } });
