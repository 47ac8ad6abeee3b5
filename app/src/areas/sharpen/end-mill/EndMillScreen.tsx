import { stopsSharpening } from '@pike-stone/core/wheel';
import { sayOutOfRange } from '@pike-stone/words';
import { END_MILL_SCHOOLS, sayEndMillFigures, sayEndMillFinding } from '@pike-stone/words/wheel';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Bar } from '../../../kit/Bar';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useEndTeeth } from '../../../workers/solid-work';
import { BigFigures } from '../../grind/steps/StepFigures';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { CutterPanel } from './CutterPanel';
import { EndMillSentence, type MillWord } from './EndMillSentence';
import { EndSolid } from './EndSolid';
import { EndSketch } from './EndSketch';
import { HoldPanel } from './HoldPanel';
import { LargerWheel } from './LargerWheel';
import { MillCost } from './MillCost';
import { MillHistory } from './MillHistory';
import { MillWheelPanel } from './MillWheelPanel';
import { ReliefPanel } from './ReliefPanel';
import { RoundsSheet } from './RoundsSheet';
import { useEndMill, type EndMill } from './use-end-mill';
import { WearPanel } from './WearPanel';

/** The end teeth of a cutter, planned: what is set, what it leaves, what is wrong with it. */
export function EndMillScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { mill, loading, error } = useEndMill(id);
  if (mill) return <Plan mill={mill} />;
  return <LoadingOrNotHere loading={loading} error={error} />;
}

const PANELS = {
  cutter: CutterPanel,
  wear: WearPanel,
  wheel: MillWheelPanel,
  relief: ReliefPanel,
  hold: HoldPanel,
} as const satisfies Record<MillWord, unknown>;

function Plan({ mill }: { mill: EndMill }) {
  const router = useRouter();
  const [word, setWord] = useState<MillWord | null>(null);
  const { plan, findings, impossible } = mill;
  const solid = useEndTeeth(plan ? mill.job : null);
  const stopped = impossible !== null || findings.some(stopsSharpening);
  const Panel = word && PANELS[word];
  return (
    <Screen
      title="Sharpen the end teeth"
      onBack={() => backOr(router, '/grind/sharpen')}
      side={
        plan && (
          <>
            <EndSolid mill={mill} solid={solid} />
            <LargerWheel mill={mill} plan={plan} />
            <MillCost mill={mill} plan={plan} />
            <Sheet>
              <View style={styles.pad}>
                <Words role="note">{END_MILL_SCHOOLS}</Words>
              </View>
            </Sheet>
            <MillHistory mill={mill} />
          </>
        )
      }
      footer={
        <Button
          kind="main"
          label="Sharpen it"
          disabled={stopped}
          onPress={() => router.push(`/grind/sharpen/${mill.key}/steps`)}
          style={styles.grow}
        />
      }
    >
      <EndMillSentence mill={mill} onTouch={setWord} />
      {plan && <Figures mill={mill} />}
      {plan && <EndSketch mill={mill} plan={plan} onTouch={setWord} />}
      <Says mill={mill} />
      {plan && <RoundsSheet mill={mill} plan={plan} />}
      {solid.share !== null && !solid.answer && (
        <View style={styles.progress}>
          <Bar share={solid.share} progressOf="Cutting the solid" />
          <Button kind="plain" label="Stop" onPress={solid.stop} />
        </View>
      )}
      {Panel && <Panel mill={mill} onClose={() => setWord(null)} />}
    </Screen>
  );
}

/** The height of the grinder, the top of its wheel and the dish, as large as they go. */
function Figures({ mill: { plan, job } }: { mill: EndMill }) {
  const units = useUnits();
  if (!plan) return null;
  return (
    <BigFigures
      shown={sayEndMillFigures(plan, job, units).map(({ label, figure, unit, about }) => ({
        label,
        figure,
        about: `${unit}, ${about}`,
      }))}
    />
  );
}

/** What is wrong with it, with what mends it. */
function Says({ mill: { impossible, findings } }: { mill: EndMill }) {
  const units = useUnits();
  return (
    <View testID="findings">
      {impossible && <Caution level="danger">{sayOutOfRange(impossible)}</Caution>}
      {findings.map((finding) => {
        const { level, text } = sayEndMillFinding(finding, units);
        return (
          <Caution key={finding.code} level={level}>
            {text}
          </Caution>
        );
      })}
    </View>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { padding: SPACE.edge },
  progress: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close, paddingHorizontal: SPACE.edge },
});
