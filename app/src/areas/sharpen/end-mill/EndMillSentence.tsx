import { formatAngle, formatLength, joined } from '@pike-stone/words';
import { MILL_WEAR_WORDS } from '@pike-stone/words/wheel';
import { useUnits } from '../../../data/preferences';
import { Sentence } from '../../../kit/Sentence';
import { SentenceWord } from '../../../kit/SentenceWord';
import type { EndMill } from './use-end-mill';

/** Parts of the sentence that are touched to change them. */
export type MillWord = 'cutter' | 'wear' | 'wheel' | 'relief' | 'hold';

/** A sharpening in one sentence: the cutter, its wear, the wheel, the reliefs, how it is held. */
export function EndMillSentence({ mill, onTouch }: { mill: EndMill; onTouch: (word: MillWord) => void }) {
  const units = useUnits();
  const { draft, job } = mill;
  const size = (mm: number) => joined(formatLength(mm, units));
  const word = (key: MillWord, text: string, says: string) => (
    <SentenceWord text={text} says={says} onPress={() => onTouch(key)} />
  );
  const wear = MILL_WEAR_WORDS[draft.wear].name.toLowerCase();
  const much = draft.chipMm > 0 ? `${wear} ${size(draft.chipMm)}` : `${wear} ${size(draft.wearMm)}`;
  return (
    <Sentence>
      {'A '}
      {word('cutter', `${size(draft.diameterMm)} cutter, ${draft.teeth} flutes`, 'Cutter')}
      {', '}
      {word('wear', much, 'Wear seen')}
      {', on '}
      {word('wheel', `a ${size(job.wheel.diameterMm)} wheel`, 'Wheel')}
      {', '}
      {word(
        'relief',
        `${formatAngle(draft.reliefDeg, 1)}${draft.secondDeg === null ? '' : ` then ${formatAngle(draft.secondDeg, 1)}`}`,
        'Relief',
      )}
      {', '}
      {word('hold', draft.side === 'operator' ? 'on your side' : 'on the far side', 'Side and rounds')}
      {'.'}
    </Sentence>
  );
}
