import { sayFormTool, saySource, sayWedge, STEEL_WORDS } from '@pike-stone/words/form';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { SentenceWord } from '../../kit/SentenceWord';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SENTENCE_LINE, SIZE, SPACE } from '../../theme/type';
import type { Form } from './use-form';

/** Parts of the sentence that are touched to change them. */
export type FormWord = 'source' | 'tool' | 'steel';

/** A form cutter in one sentence: its form, its tool, rake and clearance, its steel. */
export function FormSentence({ form, onTouch }: { form: Form; onTouch: (word: FormWord) => void }) {
  const units = useUnits();
  const { source, tool, steel } = form.body;
  const word = (key: FormWord, text: string, says: string) => (
    <SentenceWord text={text} says={says} onPress={() => onTouch(key)} />
  );
  return (
    <View style={styles.box}>
      <Words style={styles.sentence}>
        {'Cut '}
        {word('source', saySource(source, units), 'Form')}
        {' with '}
        {word('tool', sayFormTool(tool, units), 'Tool')}
        {', '}
        {word('tool', sayWedge(tool), 'Rake and clearance')}
        {', of '}
        {word('steel', STEEL_WORDS[steel].split(',')[0]!.toLowerCase(), 'Steel')}
        {'.'}
      </Words>
    </View>
  );
}

const styles = sheet({
  box: { paddingHorizontal: SPACE.edge },
  sentence: { fontSize: SIZE.lead, lineHeight: SENTENCE_LINE },
});
