import { useRouter, type Href } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../kit/Button';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

const PAGES: readonly (readonly [label: string, to: Href])[] = [
  ['Form cutters', '/grind/forms'],
  ['Sharpening round', '/grind/round'],
  ['Sharpen a tool', '/grind/sharpen'],
  ['Wheels', '/grind/wheels'],
  ['Hone', '/grind/hone'],
  ['Heat', '/grind/heat'],
  ['Angles, circles', '/grind/angles'],
];

/** Buttons that lead from Grind to form cutters, wheels, sharpening and setting. */
export function KeepSharp() {
  const router = useRouter();
  return (
    <View style={styles.box} role="group" aria-label="Keep edges sharp">
      {PAGES.map(([label, to]) => (
        <Button key={label} label={label} onPress={() => router.push(to)} style={styles.way} />
      ))}
    </View>
  );
}

const styles = sheet({
  box: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close, paddingHorizontal: SPACE.edge },
  way: { flexGrow: 1, flexBasis: 104 },
});
