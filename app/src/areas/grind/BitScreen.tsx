import { sayBitFinding } from '@pike-stone/words/grind';
import { sayOutOfRange } from '@pike-stone/words';
import { stopsGrinding } from '@pike-stone/core/grind';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { backOr } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Caution } from '../../kit/Caution';
import { Loading } from '../../kit/Empty';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { SPACE } from '../../theme/type';
import { NotHere } from '../NotHere';
import { BitSentence, type BitWord } from './plan/BitSentence';
import { BitSketch } from './plan/BitSketch';
import { ReadBack } from './plan/ReadBack';
import { WordPanel } from './plan/WordPanels';
import { useBit, useGroundBit, type Bit } from './use-bit';

/** A bit as it is planned: drawn, cut as a solid, and what is wrong with it before it is ground. */
export function BitScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { bit, loading, error } = useBit(id);
  if (bit) return <Plan bit={bit} />;
  return loading || error ? <Loading error={error} /> : <NotHere />;
}

function Plan({ bit }: { bit: Bit }) {
  const router = useRouter();
  const units = useUnits();
  const ground = useGroundBit(bit);
  const [word, setWord] = useState<BitWord | null>(null);
  const { answer, findings, fault, share } = ground;
  const stopped = bit.impossible !== null || findings.some(stopsGrinding);
  const { id } = bit.record;
  return (
    <Screen
      title={bit.body.name}
      onBack={() => backOr(router, '/grind')}
      side={
        <>
          {answer && <ReadBack read={answer.read} />}
          <Sheet>
            <Row
              title="Steps at the wheel"
              about={`${bit.steps.length}, one at a time on the screen`}
              onPress={() => router.push(`/grind/${id}/steps`)}
            />
          </Sheet>
        </>
      }
      footer={
        <Button
          kind="main"
          label="Grind it"
          disabled={stopped}
          onPress={() => router.push(`/grind/${id}/steps`)}
          style={styles.grow}
        />
      }
    >
      <BitSentence bit={bit} onTouch={setWord} />
      <BitSketch bit={bit} ground={ground} />
      <View style={styles.says}>
        {bit.impossible && <Caution level="danger">{sayOutOfRange(bit.impossible)}</Caution>}
        {findings.map((finding) => {
          const { level, text } = sayBitFinding(finding, units);
          return (
            <Caution key={`${finding.code}${'step' in finding ? finding.step : ''}`} level={level}>
              {text}
            </Caution>
          );
        })}
        {answer?.plainBecause && (
          <Caution level="note">
            {`The solid library could not start, so hollow faces are shown flat. (${answer.plainBecause})`}
          </Caution>
        )}
        {fault && <Caution level="danger">{`The solid could not be cut: ${fault}`}</Caution>}
        {share !== null && !answer && (
          <Words role="note" style={styles.pad}>
            Cutting the solid …
          </Words>
        )}
      </View>
      {word && <WordPanel word={word} bit={bit} onClose={() => setWord(null)} />}
    </Screen>
  );
}

const styles = StyleSheet.create({
  grow: { flex: 1 },
  says: { gap: SPACE.hair },
  pad: { paddingHorizontal: SPACE.edge },
});
