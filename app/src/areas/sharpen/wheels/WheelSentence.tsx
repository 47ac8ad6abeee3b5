import { formatLength, joined } from '@pike-stone/words';
import { FORM_WORDS } from '@pike-stone/words/wheel';
import { useUnits } from '../../../data/preferences';
import { Sentence } from '../../../kit/Sentence';
import { SentenceWord } from '../../../kit/SentenceWord';
import { whatItIs } from './say-wheel';
import type { ShownWheel } from './use-wheels';
import type { WheelPart } from './wheel-part';

/** A wheel in one sentence: its marking, its sizes, the grinder it runs on. */
export function WheelSentence({ wheel, onTouch }: { wheel: ShownWheel; onTouch: (part: WheelPart) => void }) {
  const units = useUnits();
  const { record, use } = wheel;
  const size = (mm: number) => joined(formatLength(mm, units));
  const word = (part: WheelPart, text: string, says: string) => (
    <SentenceWord text={text} says={says} onPress={() => onTouch(part)} />
  );
  return (
    <Sentence>
      {record.body.form ? `A ${FORM_WORDS[record.body.form].name} wheel, ` : 'A wheel, '}
      {word('marking', whatItIs(wheel), 'Marking')}
      {', '}
      {word(
        'size',
        use.markedMm === record.body.diameterMm
          ? `${size(record.body.diameterMm)}, as new`
          : `${size(record.body.diameterMm)} now, ${size(use.markedMm)} when new`,
        'Diameter',
      )}
      {', '}
      {word(
        'grinder',
        use.grinder ? `on the ${use.grinder.name.toLowerCase()}, ${use.grinder.rpm} rpm` : 'on no grinder',
        'Grinder',
      )}
      {'.'}
    </Sentence>
  );
}
