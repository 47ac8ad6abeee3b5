import { TEMPER_COLOURS, type TemperColour } from '@pike-stone/core/wheel';
import { TEMPER_WORDS } from '@pike-stone/words/wheel';
import { View } from 'react-native';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { TEMPER_SWATCH } from '../../../theme/temper';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';

/** Colours of clean steel from straw to grey, the one that the skin takes marked. */
export function TemperScale({ colour }: { colour: TemperColour }) {
  const styles = useStyles();
  const here = TEMPER_COLOURS.findIndex(([id]) => id === colour);
  return (
    <View>
      <View style={styles.row} role="img" aria-label={`Colour of clean steel: ${TEMPER_WORDS[colour]}`}>
        {TEMPER_COLOURS.map(([id], i) => (
          <View
            key={id}
            style={[styles.swatch, { backgroundColor: TEMPER_SWATCH[id] }, i === here && styles.here]}
          />
        ))}
      </View>
      <Words role="note">{`Clean steel shows ${TEMPER_WORDS[colour]}, give or take 15 °C.`}</Words>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    row: { flexDirection: 'row', gap: 2, paddingVertical: SPACE.hair, alignItems: 'flex-end' },
    swatch: { flex: 1, height: 20 },
    here: { height: 30, borderWidth: 3, borderColor: c.ink },
  }),
);
