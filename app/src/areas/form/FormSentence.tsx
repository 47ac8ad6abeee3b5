import { sayFormTool, saySource, sayWedge, STEEL_WORDS } from '@pike-stone/words/form';
import { useUnits } from '../../data/preferences';
import { Sentence } from '../../kit/Sentence';
import { SentenceWord } from '../../kit/SentenceWord';
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
    <Sentence>
      {'Cut '}
      {word('source', saySource(source, units), 'Form')}
      {' with '}
      {word('tool', sayFormTool(tool, units), 'Tool')}
      {', '}
      {word('tool', sayWedge(tool), 'Rake and clearance')}
      {', of '}
      {word('steel', STEEL_WORDS[steel].split(',')[0]!.toLowerCase(), 'Steel')}
      {'.'}
    </Sentence>
  );
}
