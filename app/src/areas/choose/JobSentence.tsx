import type { JobWants } from '@pike-stone/core/choose';
import { operationOf } from '@pike-stone/core';
import { formatLength, formatRa, joined, OPERATION_WORDS, type UnitSystem } from '@pike-stone/words';
import { Text, View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { SentenceWord } from '../../kit/SentenceWord';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { SENTENCE_LINE, FONT, SIZE, SPACE } from '../../theme/type';
import type { Chooser } from '../cut/Sentence';
import type { SetUp } from '../cut/useCut';

/** What a touch on the sentence opens: a part of the cut, its diameter or depth, or what the job asks. */
export type JobWord = Chooser | 'diameter' | 'depth' | 'wants';

/** The job as one sentence; every underlined word is touched to change it. */
export function JobSentence({
  setUp: { setup },
  wants,
  depthMm,
  onTouch,
}: {
  setUp: Pick<SetUp, 'setup'>;
  wants: JobWants;
  /** Depth of the planned cut; null where none is planned. */
  depthMm: number | null;
  onTouch: (what: JobWord) => void;
}) {
  const styles = useStyles();
  const units = useUnits();
  const { turns, depthIsChosen, toolMakesMm } = operationOf(setup);
  const length = (mm: number) => joined(formatLength(mm, units));
  const word = (what: JobWord, text: string, says: string) => (
    <SentenceWord text={text} says={says} onPress={() => onTouch(what)} />
  );
  const parts = wants.parts === 1 ? 'one part' : `${wants.parts} parts`;
  const blows = setup.interrupted ? (wants.heavyBlows ? 'heavy blows' : 'light blows') : 'whole cut';
  const skin = setup.firstPassOnSkin ? ', under the skin' : '';
  return (
    <View style={styles.box}>
      <Text style={styles.sentence}>
        {word('operation', OPERATION_WORDS[setup.operation].verb, 'Operation')}{' '}
        {word('stock', setup.stock.name, 'Stock')}
        {toolMakesMm && <> {word('tool', sayMade(setup, toolMakesMm(setup), units), 'Size')}</>}
        {turns !== 'cutter' && (
          <>
            {' '}
            {word('diameter', `${turns === 'work' ? '⌀' : ''}${length(setup.workDiameterMm)}`, 'Diameter')}
          </>
        )}{' '}
        on the {word('machine', setup.machine.name, 'Machine')}
        {depthIsChosen && depthMm !== null && (
          <>, {word('depth', `${length(depthMm)} deep`, 'Depth')}</>
        )}, {word('conditions', `${blows}${skin}`, 'Conditions')}:{' '}
        {word(
          'wants',
          `${parts}, Ra ${formatRa(wants.finishRaUm, units)}, within ${length(wants.toleranceMm)}${wants.specialForm ? ', a special form' : ''}`,
          'The job',
        )}
      </Text>
    </View>
  );
}

/** The size that the tool itself gives: of a hole its diameter, else how wide. */
const sayMade = (setup: SetUp['setup'], mm: number, units: UnitSystem): string =>
  operationOf(setup).fullWidth === null && 'diameterMm' in setup.tool && setup.tool.diameterMm === mm
    ? `⌀${joined(formatLength(mm, units))}`
    : `${joined(formatLength(mm, units))} wide`;

const useStyles = themed((c) =>
  sheet({
    box: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.close },
    sentence: { fontFamily: FONT.words, fontSize: SIZE.lead, lineHeight: SENTENCE_LINE, color: c.ink },
  }),
);
