import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { backOr } from '../../kit/back';
import { Choice } from '../../kit/Choice';
import { Screen } from '../../kit/Screen';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

/** What is set on this page; which one stands in the address. */
export const ANGLE_PARTS = [
  { value: 'sine', label: 'Sine bar' },
  { value: 'stack', label: 'Stack' },
  { value: 'taper', label: 'Taper' },
  { value: 'divide', label: 'Dividing' },
] as const;
export type AnglePart = (typeof ANGLE_PARTS)[number]['value'];

/** The page with one of its parts: what is asked and answered, and beside it what the shop has. */
export function AnglesFrame({
  part,
  side,
  children,
}: {
  part: AnglePart;
  side: ReactNode;
  children: ReactNode;
}) {
  const router = useRouter();
  return (
    <Screen title="Set angles and circles" onBack={() => backOr(router, '/grind/forms')} side={side}>
      <View style={styles.box}>
        <Choice
          says="What is set"
          value={part}
          onChange={(next) => router.setParams({ of: next })}
          options={ANGLE_PARTS}
        />
      </View>
      {children}
    </Screen>
  );
}

const styles = sheet({ box: { paddingHorizontal: SPACE.edge } });
