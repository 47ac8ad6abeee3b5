import { Slot, useRouter } from 'expo-router';
import { Button } from '../../kit/Button';
import { Empty } from '../../kit/Empty';
import { Screen } from '../../kit/Screen';
import { useAddress } from './useAddress';

/** All pages under a cut: their address carries the set-up. A damaged one is said, and opens nothing else. */
export function CutHouse() {
  const router = useRouter();
  const { damage, mend } = useAddress();
  if (damage === null) return <Slot />;
  return (
    <Screen title="This link is damaged">
      <Empty
        title={damage}
        action={
          <Button
            label="Open the cut that is set up here"
            onPress={() => {
              mend();
              router.replace('/cut');
            }}
          />
        }
      >
        A link to a cut holds all of its set-up. Nothing was opened and nothing was changed; ask for the link
        again, or set the cut up by hand.
      </Empty>
    </Screen>
  );
}
