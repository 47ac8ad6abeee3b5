import { useRouter } from 'expo-router';
import { Button } from '../kit/Button';
import { Empty } from '../kit/Empty';

export default function NotFound() {
  const router = useRouter();
  return (
    <Empty title="No such page" action={<Button label="To the bench" onPress={() => router.replace('/')} />}>
      The address may be mistyped. Nothing is lost.
    </Empty>
  );
}
