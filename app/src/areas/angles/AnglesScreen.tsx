import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { backOr } from '../../kit/back';
import { Choice } from '../../kit/Choice';
import { Screen } from '../../kit/Screen';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { Dividing } from './Dividing';
import { SinePlate } from './SinePlate';
import { Stack } from './Stack';

const PARTS = [
  { value: 'sine', label: 'Sine bar' },
  { value: 'stack', label: 'Stack' },
  { value: 'divide', label: 'Dividing' },
] as const;
type Part = (typeof PARTS)[number]['value'];

/** Angles by a sine bar, sizes by a stack, circles by a dividing head; which one is in the address. */
export function AnglesScreen() {
  const router = useRouter();
  const { of } = useLocalSearchParams<{ of?: string }>();
  const part: Part = PARTS.find(({ value }) => value === of)?.value ?? 'sine';
  return (
    <Screen title="Set angles and circles" onBack={() => backOr(router, '/grind/forms')}>
      <View style={styles.box}>
        <Choice
          says="What is set"
          value={part}
          onChange={(next) => router.setParams({ of: next })}
          options={PARTS}
        />
      </View>
      {part === 'sine' && <SinePlate />}
      {part === 'stack' && <Stack />}
      {part === 'divide' && <Dividing />}
    </Screen>
  );
}

const styles = sheet({ box: { padding: SPACE.edge } });
