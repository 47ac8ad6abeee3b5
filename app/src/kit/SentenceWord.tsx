import { Text } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed } from '../theme/theme';
import { FONT, SIZE } from '../theme/type';

/** An underlined word of a sentence; touching it changes that part. */
export function SentenceWord({ text, says, onPress }: { text: string; says: string; onPress: () => void }) {
  const styles = useStyles();
  return (
    <Text
      role="button"
      aria-label={`${says}: ${text}, change`}
      onPress={onPress}
      style={styles.word}
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
    // Enlarges the touched area to a finger's height without moving the lines apart.
    word: {
      fontFamily: FONT.words,
      fontWeight: '600',
      fontSize: SIZE.lead,
      color: c.accent,
      textDecorationLine: 'underline',
      textDecorationColor: c.accent,
      cursor: 'pointer',
      paddingVertical: 8,
      marginVertical: -8,
      paddingHorizontal: 3,
      marginHorizontal: -3,
    },
  }),
);
