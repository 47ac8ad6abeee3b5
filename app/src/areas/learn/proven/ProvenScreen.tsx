import { OPERATIONS, surfaceSpeed } from '@pike-stone/core';
import { capital, DEFER, FLUID_WORDS, formatLength, formatSurfaceSpeed, joined } from '@pike-stone/words';
import { saySet } from '@pike-stone/words/learn';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecord } from '../../../data/record';
import { putBack, save, type Shown } from '../../../data/records';
import { backOr, useGoOn } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { dayOf } from '../../../kit/day';
import { NOT_PRINTED } from '../../../kit/marks';
import { Screen, Sheet } from '../../../kit/Screen';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { sizeWords } from '../../book/size-words';
import { toQuery } from '../../cut/set-up';
import { useHowOften } from './how-often';
import { sayHowOften } from './say-how-often';

/** A proven setting as a card that can be printed and hung at the machine. */
export function ProvenScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { record, ...rest } = useRecord('proven', id);
  return record ? <Card record={record} /> : <LoadingOrNotHere place="book" {...rest} />;
}

function Card({ record }: { record: Shown<'proven'> }) {
  const styles = useStyles();
  const router = useRouter();
  const goOn = useGoOn();
  const units = useUnits();
  const say = useUndo((state) => state.say);
  const { body } = record;
  const { set, steps, names, cut } = body;
  const often = useHowOften(cut, set);
  const putAway = () => {
    void save('proven', record.id, record.version, body, true);
    say('Put away.', () => void putBack('proven', record));
    goOn('/book/proven');
  };
  const figures: readonly (readonly [label: string, figure: string, step: string])[] = [
    [
      OPERATIONS[cut.operation].turns === 'stroke' ? 'Ram' : 'Spindle',
      saySet('speed', set.rpm, cut, units),
      [steps.speed, joined(formatSurfaceSpeed(surfaceSpeed(set.rpm, body.diameterMm), units))]
        .filter(Boolean)
        .join(', '),
    ],
    ['Feed', saySet('feed', set.feedMmRev, cut, units), steps.feed],
    ['Depth', saySet('depth', set.depthMm, cut, units), steps.depth],
  ];
  return (
    <Screen
      title={body.name}
      about={`${names.machine}, ${names.tool}, ${sizeWords({ ...cut, diameterMm: body.diameterMm }, units)}`}
      onBack={() => backOr(router, '/book')}
      footer={
        <>
          <Button label="Put it away" onPress={putAway} />
          <Button label="Print" onPress={() => window.print()} />
          <Button
            kind="main"
            label="Open in Cut"
            onPress={() => router.push(`/cut?${new URLSearchParams(toQuery(cut)).toString()}`)}
            style={styles.grow}
          />
        </>
      }
    >
      <Sheet>
        <View role="list" aria-label="Proven setting">
          {figures.map(([label, figure, step]) => (
            <View key={label} role="listitem" style={styles.line}>
              <Words role="label">{label}</Words>
              <Words role="big" style={styles.big}>
                {figure}
              </Words>
              {step !== '' && <Words>{step}</Words>}
            </View>
          ))}
        </View>
      </Sheet>
      <View style={styles.pad}>
        <Words>{`${capital(FLUID_WORDS[cut.fluid])}; stick-out ${joined(formatLength(cut.stickOutMm, units))}.`}</Words>
        {often && <Words role="strong">{sayHowOften(often)}</Words>}
        <Words role="note">{`Kept on ${dayOf(body.keptAt)}.${body.note ? ` ${body.note}` : ''}`}</Words>
        <Words role="note">{DEFER}</Words>
        {body.fromCutId && (
          <View {...NOT_PRINTED} style={styles.link}>
            <Button
              kind="plain"
              label="The cut it came from"
              onPress={() => router.push(`/book/${body.fromCutId}`)}
            />
          </View>
        )}
      </View>
    </Screen>
  );
}

const useStyles = themed((c) =>
  sheet({
    grow: { flex: 1 },
    line: {
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.near,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
    big: { fontSize: 40, lineHeight: 46 },
    pad: { paddingHorizontal: SPACE.edge, gap: SPACE.hair },
    link: { flexDirection: 'row' },
  }),
);
