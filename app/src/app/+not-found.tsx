import { useRouter } from 'expo-router';
import { Button } from '../kit/Button';
import { Empty } from '../kit/Empty';
import { Screen } from '../kit/Screen';

export default function NotFound() {
  const router = useRouter();
  return (
    <Screen title="No such page">
      <Empty
        title="Nothing is lost"
        action={<Button label="To the bench" onPress={() => router.replace('/')} />}
      >
        The address may be mistyped.
      </Empty>
    </Screen>
  );
}
