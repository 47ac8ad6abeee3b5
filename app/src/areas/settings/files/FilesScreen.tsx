import { useRouter } from 'expo-router';
import { backOr } from '../../../kit/back';
import { Screen } from '../../../kit/Screen';
import { SaveShop } from './SaveShop';
import { Tables } from './Tables';
import { TakeIn } from './TakeIn';

/** The shop as files: all of it in one archive, out and in, and each kind as a table. */
export function FilesScreen() {
  const router = useRouter();
  return (
    <Screen
      title="The shop as files"
      about="Yours, in formats that any program reads"
      onBack={() => backOr(router, '/settings')}
      side={<Tables />}
    >
      <SaveShop />
      <TakeIn />
    </Screen>
  );
}
