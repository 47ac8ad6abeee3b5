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
      aria-label={`${text}, ${says}, change`}
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
  }),
);
