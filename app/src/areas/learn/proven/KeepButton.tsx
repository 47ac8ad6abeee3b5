import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Shown } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { useBusy } from '../../../kit/useBusy';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { CutOf } from '../useCutOf';
import { keepProven } from './keep-proven';

/** Keeps the setting of a cut that worked, to be found first next time, and opens its card. */
export function KeepButton({ record, cut, says }: { record: Shown<'cuts'>; cut: CutOf; says?: string }) {
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const { busy, press } = useBusy(async () => {
    const kept = await keepProven(record, cut);
    if ('refusal' in kept) return setFault(kept.refusal.message);
    router.push(`/book/proven/${kept.id}`);
  });
  return (
    <View style={styles.box}>
      <Button label="Keep this setting" says={says} busy={busy} onPress={press} />
      {fault !== null && <Words role="fault">{fault}</Words>}
    </View>
  );
}

const styles = sheet({ box: { flexGrow: 1, gap: SPACE.close } });
