import type { Shown } from '@pike-stone/words';
import { Pressable, Text, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useTextScale, useWide } from '../theme/theme';
import { FONT, SIZE, SPACE } from '../theme/type';
import { Unseen } from './Unseen';
import { Words } from './Words';
import { useWidth } from './useWidth';

/** Widths of the type: of a digit as a share of its size, of a letter of the unit in pixels. */
const DIGIT_WIDTH = 0.66;
const UNIT_WIDTH = 9.4;
const GAP = 6;

interface FigureProps {
  readonly label: string;
  readonly shown: Shown;
  /** The lever, belt or wheel it is set with. */
  readonly setting: string;
  readonly onPress: () => void;
  readonly selected?: boolean;
  readonly big?: boolean;
}

/** A result in large figures. Touching it opens its working. */
export function Figure({ label, shown, setting, onPress, selected = false, big = true }: FigureProps) {
  const styles = useStyles();
  const wide = useWide();
  const { width: room, onLayout } = useWidth();
  const scale = useTextScale();
  const largest = scale * (big ? (wide ? 48 : SIZE.result) : 28);
  // A long figure takes more of the row, and shrinks before it is cut off.
  const left = room - scale * shown.unit.length * UNIT_WIDTH - GAP;
  const size = room > 0 ? Math.min(largest, left / (shown.figure.length * DIGIT_WIDTH)) : largest;
  return (
    <Pressable
      role="button"
      onPress={onPress}
      style={({ pressed }) => [
        styles.figure,
        { flexGrow: 8 + 3 * Math.max(0, shown.figure.length - 4) },
        selected && styles.selected,
        pressed && styles.pressed,
      ]}
    >
      <Words role="label">
        {label}
        <Unseen> </Unseen>
      </Words>
      <View style={styles.row} onLayout={onLayout}>
        <Text style={[styles.value, { fontSize: size, lineHeight: size * 1.08 }]} numberOfLines={1}>
          {shown.figure}
          <Unseen> </Unseen>
        </Text>
        <Text style={styles.unit} numberOfLines={1}>
          {shown.unit}
          <Unseen>, </Unseen>
        </Text>
      </View>
      <Words style={styles.setting}>{setting}</Words>
      <Unseen>. Open the working</Unseen>
    </Pressable>
  );
}

const useStyles = themed((c) =>
  sheet({
    figure: {
      flexBasis: 0,
      flexShrink: 1,
      paddingHorizontal: SPACE.edge,
      paddingTop: SPACE.close,
      paddingBottom: SPACE.close,
      minWidth: 0,
      borderBottomWidth: 3,
      borderBottomColor: 'transparent',
    },
    selected: { borderBottomColor: c.accent },
    pressed: { backgroundColor: c.wash },
    row: { flexDirection: 'row', alignItems: 'baseline', gap: GAP },
    value: { fontFamily: FONT.words, fontWeight: '600', color: c.ink, fontVariant: ['tabular-nums'] },
    unit: { fontFamily: FONT.words, fontSize: SIZE.body, color: c.quiet },
    setting: { lineHeight: 21 },
  }),
);
