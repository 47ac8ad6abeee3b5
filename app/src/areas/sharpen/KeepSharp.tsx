import { useRouter, type Href } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../kit/Button';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

const WAYS: readonly (readonly [label: string, to: Href])[] = [
  ['Sharpening round', '/grind/round'],
  ['Sharpen a tool', '/grind/sharpen'],
  ['Wheels', '/grind/wheels'],
  ['Hone', '/grind/hone'],
  ['Heat', '/grind/heat'],
];

/** Ways to what keeps the shop's edges sharp. */
export function KeepSharp() {
  const router = useRouter();
  return (
    <View style={styles.box} role="group" aria-label="Keep edges sharp">
      {WAYS.map(([label, to]) => (
        <Button key={label} label={label} onPress={() => router.push(to)} style={styles.way} />
      ))}
    </View>
  );
}

const styles = sheet({
  box: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close, paddingHorizontal: SPACE.edge },
  way: { flexGrow: 1, flexBasis: 104 },
});
