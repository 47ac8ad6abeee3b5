import { chosenWay, OPERATIONS } from '@pike-stone/core';
import { FLUID_WORDS, OPERATION_WORDS, WAY_WORDS } from '@pike-stone/words';
import { Fragment } from 'react';
import { Text, View } from 'react-native';
import { SentenceWord } from '../../kit/SentenceWord';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { SENTENCE_LINE, FONT, SIZE, SPACE } from '../../theme/type';
import type { SetUp } from './useCut';

export type Chooser = 'machine' | 'operation' | 'stock' | 'tool' | 'conditions';

/** The set-up as one sentence. Touching an underlined word changes that part. */
export function Sentence({
  cut,
  onChoose,
}: {
  cut: Pick<SetUp, 'setup' | 'choice'>;
  onChoose: (what: Chooser) => void;
}) {
  const styles = useStyles();
  const { setup, choice } = cut;
  const { supported } = OPERATIONS[setup.operation];
  const way = chosenWay(setup);
  const more = [
    way !== null && WAY_WORDS[way].toLowerCase(),
    supported && choice.support === 'chuck-and-centre' && 'tailstock up',
    supported && choice.support === 'between-centres' && 'between centres',
    choice.interrupted && 'interrupted',
    choice.firstPassOnSkin && 'first pass under the skin',
  ].filter((text): text is string => text !== false);
  const word = (what: Chooser, text: string, says: string) => (
    <SentenceWord text={text} says={says} onPress={() => onChoose(what)} />
  );
  return (
    <View style={styles.box}>
      <Text role="heading" aria-level={1} style={styles.sentence}>
        {word('operation', OPERATION_WORDS[setup.operation].verb, 'Operation')}{' '}
        {word('stock', setup.stock.name, 'Stock')} on the {word('machine', setup.machine.name, 'Machine')}{' '}
        with the {word('tool', setup.tool.name, 'Tool')} and{' '}
        {[FLUID_WORDS[choice.fluid], ...more].map((text, i) => (
          <Fragment key={text}>
            {i > 0 && ' · '}
            {word('conditions', text, i === 0 ? 'Conditions' : 'Condition')}
          </Fragment>
        ))}
      </Text>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    box: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, backgroundColor: c.ground },
    sentence: { fontFamily: FONT.words, fontSize: SIZE.lead, lineHeight: SENTENCE_LINE, color: c.ink },
  }),
);
