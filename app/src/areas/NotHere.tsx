import { useRouter } from 'expo-router';
import { Button } from '../kit/Button';
import { Empty } from '../kit/Empty';
import { Screen } from '../kit/Screen';

/** An address that names nothing of this shop's drawer or book. */
export function NotHere({ place = 'drawer' }: { place?: 'drawer' | 'book' }) {
  const router = useRouter();
  return (
    <Screen title={`Not in this ${place}`}>
      <Empty
        title="Nothing is lost"
        action={<Button label={`To the ${place}`} onPress={() => router.replace(`/${place}`)} />}
      >
        The address may belong to another shop or be mistyped.
      </Empty>
    </Screen>
  );
}
