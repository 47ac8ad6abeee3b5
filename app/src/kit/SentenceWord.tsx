import { Text } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed } from '../theme/theme';
import { FONT, LEAST_TOUCH, SIZE } from '../theme/type';

/** About how wide letters are, px: the narrow ones, those between, and all others. */
const WIDTHS: readonly (readonly [letters: string, px: number])[] = [
  ['iljI.,:’', 5],
  ['rtf -', 7],
];
const OTHERS = 10;
const LEAST_BESIDE = 3;

/** Room beside a word, px: a short one is as wide as a finger. */
function beside(text: string): number {
  const width = [...text].reduce(
    (sum, letter) => sum + (WIDTHS.find(([letters]) => letters.includes(letter))?.[1] ?? OTHERS),
    0,
  );
  return Math.max(LEAST_BESIDE, (LEAST_TOUCH - width) / 2);
}

/** An underlined word of a sentence; touching it changes that part. */
export function SentenceWord({ text, says, onPress }: { text: string; says: string; onPress: () => void }) {
  const styles = useStyles();
  return (
    <Text
      role="button"
      aria-label={`${text}, ${says}, change`}
      onPress={onPress}
      style={[styles.word, { paddingHorizontal: beside(text) }]}
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
      marginHorizontal: 2,
    },
  }),
);
