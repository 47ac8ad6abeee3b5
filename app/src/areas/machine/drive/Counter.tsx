import { View } from 'react-native';
import { IconButton } from '../../../kit/Button';
import { MinusIcon, PlusIcon } from '../../../kit/icons';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';

/** A number of parts with a button for one less and one more. */
export function Counter({
  label,
  count,
  most,
  onChange,
}: {
  label: string;
  count: number;
  most: number;
  onChange: (count: number) => void;
}) {
  const colours = useColours();
  return (
    <View style={styles.counter}>
      <Words style={styles.grow}>{label}</Words>
      <IconButton says={`${label}: one less`} disabled={count <= 1} onPress={() => onChange(count - 1)}>
        <MinusIcon color={colours.accent} size={24} />
      </IconButton>
      <Words role="heading" aria-label={`${label}: ${count}`}>
        {count}
      </Words>
      <IconButton says={`${label}: one more`} disabled={count >= most} onPress={() => onChange(count + 1)}>
        <PlusIcon color={colours.accent} size={24} />
      </IconButton>
    </View>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  counter: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close },
});
