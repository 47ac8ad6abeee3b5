import {
  edgeOf,
  identify,
  observationsOf,
  SUBSTANCES,
  TESTS,
  type Identified,
  type Observation,
  type Substance,
  type Test,
} from '@pike-stone/core/identify';
import { unitOf } from '@pike-stone/words';
import {
  nextLook,
  sayNextLook,
  sayOdds,
  saySubstance,
  SEEN_WORDS,
  SUBSTANCE_WORDS,
  TEST_WORDS,
  type Look,
} from '@pike-stone/words/identify';
import { EDGE_NAMES } from '@pike-stone/words/picking';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Bar } from '../../../kit/Bar';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { Screen, Sheet } from '../../../kit/Screen';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { readWeighing, useEvidence } from './evidence';
import { Scrap } from './Scrap';
import { Weigh } from './Weigh';

/** What an unmarked cutter is made of: each thing seen changes the odds, until it is sure. */
export function IdentifyScreen() {
  const router = useRouter();
  const { seen, weighed, see, weigh, startAnew } = useEvidence();
  const say = useUndo((state) => state.say);
  const units = useUnits();
  const { weighing, density, fault } = readWeighing(weighed, unitOf(units));
  const found = identify({ ...seen, ...(weighing && { weighing }) });
  const put = (test: Test, value: string | null) =>
    see({ ...seen, [test]: seen[test] === value ? undefined : (value ?? undefined) });
  const nothing = Object.values(seen).every((one) => one === undefined) && weighing === null;
  const edge = edgeOf(found);
  const clear = () => {
    const before = { seen, weighed };
    startAnew();
    say('A new cutter.', () => {
      see(before.seen);
      weigh(before.weighed);
    });
  };
  return (
    <Screen
      title="What is this cutter?"
      about={saySubstance(found)}
      onBack={() => backOr(router, '/drawer?kind=tools')}
      side={
        <>
          <Weigh
            weighed={weighed}
            density={density}
            fault={fault}
            isNext={nextLook(found) === 'weigh'}
            onChange={weigh}
          />
          <Scrap found={found} massG={weighed.massG} />
        </>
      }
      footer={
        <>
          <Button label="Another one" disabled={nothing} onPress={clear} />
          <Button
            kind="main"
            label={edge ? `Keep as ${EDGE_NAMES[edge]}` : 'No speeds for it here'}
            says={edge ? `Keep as ${EDGE_NAMES[edge]}, a new tool of the drawer` : undefined}
            disabled={!edge || nothing}
            onPress={() => router.push(`/drawer/tools/new?edge=${edge}`)}
            style={styles.grow}
          />
        </>
      }
    >
      <Sheet>
        <Odds found={found} />
      </Sheet>
      {TESTS.map((test) => (
        <TestPart
          key={test}
          test={test}
          value={seen[test] ?? null}
          isNext={nextLook(found) === test}
          onSee={(value) => put(test, value)}
        />
      ))}
    </Screen>
  );
}

/** The verdict in a line, and the odds of every substance as bars. */
function Odds({ found }: { found: Identified }) {
  const { odds, sure, contradictory } = found;
  const goesOn = nextLook(found);
  const sorted = [...SUBSTANCES].sort((a, b) => odds[b] - odds[a]);
  return (
    <View style={styles.group}>
      <View role="status" aria-live="polite">
        <Words role="big" testID="substance">
          {saySubstance(found)}
        </Words>
        {!goesOn && <Words>{sayNextLook(found)}</Words>}
      </View>
      {goesOn && <Button label={sayNextLook(found)} onPress={() => show(goesOn)} style={styles.next} />}
      {contradictory && (
        <Caution level="caution">These do not fit together: do the one you are least sure of again.</Caution>
      )}
      <View role="list" aria-label="Odds">
        {sorted.map((substance: Substance) => (
          <View
            key={substance}
            role="listitem"
            aria-label={`${SUBSTANCE_WORDS[substance]} ${sayOdds(odds[substance])}`}
            style={styles.odds}
          >
            <Words style={styles.name}>{SUBSTANCE_WORDS[substance]}</Words>
            <View style={styles.grow}>
              <Bar share={odds[substance]} />
            </View>
            <Words role="figure" style={styles.percent}>
              {sayOdds(odds[substance])}
            </Words>
          </View>
        ))}
      </View>
      {!sure && !goesOn && (
        <Words role="note">
          No further test would tell much. Between kinds of high speed steel the slower speeds are set.
        </Words>
      )}
    </View>
  );
}

/** Brings a test onto the screen. */
const show = (look: Look) => document.getElementById(`look-${look}`)?.scrollIntoView();

/** One test: how it is done, and what was seen. */
function TestPart({
  test,
  value,
  isNext,
  onSee,
}: {
  test: Test;
  value: Observation | null;
  isNext: boolean;
  onSee: (value: Observation) => void;
}) {
  const { title, how, caution } = TEST_WORDS[test];
  return (
    <Sheet>
      <View style={styles.group} id={`look-${test}`}>
        <Words role="heading">{isNext ? `${title}: tells most next` : title}</Words>
        <Choice
          says={title}
          value={value}
          onChange={onSee}
          options={observationsOf(test).map((one) => ({ value: one, label: SEEN_WORDS[one] }))}
          about={how}
        />
      </View>
      {caution && <Caution level="caution">{caution}</Caution>}
    </Sheet>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  group: { padding: SPACE.edge, gap: SPACE.close },
  odds: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close, minHeight: 30 },
  name: { width: 168 },
  percent: { width: 92, textAlign: 'right' },
  next: { alignSelf: 'flex-start' },
});
