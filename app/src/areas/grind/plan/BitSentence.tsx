import { formatLength, joined } from '@pike-stone/words';
import { sayBlank, SHAPE_WORDS } from '@pike-stone/words/grind';
import { useUnits } from '../../../data/preferences';
import { Sentence } from '../../../kit/Sentence';
import { SentenceWord } from '../../../kit/SentenceWord';
import { metalName } from '../metal-name';
import type { Bit } from '../use-bit';

/** Parts of the sentence that are touched to change them. */
export type BitWord = 'shape' | 'metal' | 'blank' | 'wheel' | 'use';

const MATERIALS = {
  hss: 'HSS',
  'hss-co': 'cobalt HSS',
  'carbon-steel': 'carbon steel',
  'brazed-carbide': 'brazed carbide',
} as const;

/** The bit in one sentence: its shape, for which metal, from which steel, at which wheel, for which cut. */
export function BitSentence({ bit, onTouch }: { bit: Bit; onTouch: (word: BitWord) => void }) {
  const units = useUnits();
  const { body } = bit;
  const size = (mm: number) => joined(formatLength(mm, units));
  const { blank, wheel, use } = body;
  const word = (key: BitWord, text: string, says: string) => (
    <SentenceWord text={text} says={says} onPress={() => onTouch(key)} />
  );
  return (
    <Sentence>
      {'A '}
      {word('shape', `${SHAPE_WORDS[body.shape].name.toLowerCase()} bit, ${body.hand} hand`, 'Shape')}
      {', ground '}
      {word(
        'metal',
        body.metalKey === null ? 'for any metal' : `for ${metalName(body.metalKey)}`,
        'Metal and angles',
      )}
      {' from '}
      {word('blank', `${MATERIALS[body.material]}, ${sayBlank(blank, units)}`, 'Steel')}
      {', on '}
      {word('wheel', `a ${size(wheel.diameterMm)} wheel`, 'Wheel')}
      {', '}
      {word(
        'use',
        use === null
          ? 'for any cut'
          : `for ${use.side === 'bore' ? 'a bore of' : 'work of'} ${size(use.diameterMm)}`,
        'Cut',
      )}
      {'.'}
    </Sentence>
  );
}
