import type { ReactNode } from 'react';
import { View } from 'react-native';
import { sheet } from '../theme/sheet';
import { SENTENCE_LINE, SIZE, SPACE } from '../theme/type';
import { Words } from './Words';

/** A set-up said as one sentence, whose underlined words are touched to change them. */
export function Sentence({ children }: { children: ReactNode }) {
  return (
    <View style={styles.box}>
      <Words style={styles.sentence}>{children}</Words>
    </View>
  );
}

const styles = sheet({
  box: { paddingHorizontal: SPACE.edge },
  sentence: { fontSize: SIZE.lead, lineHeight: SENTENCE_LINE },
});
