import { Text, type TextStyle } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed } from '../theme/theme';
import { FONT, LEAST_TOUCH, SIZE } from '../theme/type';

/** A word of fewer letters may be narrower than a finger. It stands on one line, as a box of that width at the least. */
const SHORT = 8;
/** A way of the web to stand in a line of text, which the kit's own types do not know. */
const ON_ONE_LINE = { display: 'inline-block' } as unknown as TextStyle;

/** An underlined word of a sentence; touching it changes that part. */
export function SentenceWord({ text, says, onPress }: { text: string; says: string; onPress: () => void }) {
  const styles = useStyles();
  return (
    <Text
      role="button"
      aria-label={`${text}, ${says}, change`}
      onPress={onPress}
      style={[styles.word, text.length < SHORT && styles.short]}
      {...{
        tabIndex: 0,
        onKeyDown: (event: { key: string; preventDefault(): void }) => {
          if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            onPress();
          }
        },
      }}
    >
      {text}
    </Text>
  );
}

const useStyles = themed((c) =>
  sheet({
    // A finger's height, in lines that lie a finger and a gap apart.
    word: {
      fontFamily: FONT.words,
      fontWeight: '600',
      fontSize: SIZE.lead,
      color: c.accent,
      textDecorationLine: 'underline',
      textDecorationColor: c.accent,
      cursor: 'pointer',
      lineHeight: 24,
      paddingVertical: 10,
      paddingHorizontal: 3,
      marginHorizontal: 2,
    },
    short: { ...ON_ONE_LINE, minWidth: LEAST_TOUCH, textAlign: 'center' },
  }),
);
