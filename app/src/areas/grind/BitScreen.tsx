import { generalIsPoor, SHAPES, stopsGrinding } from '@pike-stone/core/grind';
import { formatLength, joined, sayOutOfRange } from '@pike-stone/words';
import { sayBitFinding } from '@pike-stone/words/grind';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { useRecords } from '../../data/records';
import { backOr } from '../../kit/back';
import { Bar } from '../../kit/Bar';
import { Button } from '../../kit/Button';
import { Caution } from '../../kit/Caution';
import { Row } from '../../kit/Row';
import { Screen, Sheet } from '../../kit/Screen';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { useCutWith } from '../cut/cut-with';
import { LoadingOrNotHere } from '../LoadingOrNotHere';
import { ExportPanel } from './export/ExportPanel';
import { History } from './History';
import { leftOf } from './left-of';
import { BitSentence, type BitWord } from './plan/BitSentence';
import { BitSketch } from './plan/BitSketch';
import { GroovePanel } from './plan/GroovePanel';
import { Measured } from './plan/Measured';
import { NamePanel } from './plan/NamePanel';
import { ReadBack } from './plan/ReadBack';
import { SizePanel } from './plan/SizePanel';
import { WordPanel } from './plan/WordPanel';
import { WornWheel } from './plan/WornWheel';
import { useBit, useGroundBit, type Bit, type GroundBit } from './use-bit';
import { useKeepGround } from './use-tool';

/** A bit as it is planned: drawn, cut as a solid, and what is wrong with it before it is ground. */
export function BitScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { bit, loading, error } = useBit(id);
  if (bit) return <Plan bit={bit} />;
  return <LoadingOrNotHere loading={loading} error={error} />;
}

function Plan({ bit }: { bit: Bit }) {
  const router = useRouter();
  const ground = useGroundBit(bit);
  const [panel, setPanel] = useState<BitWord | 'groove' | 'heel' | 'name' | 'file' | null>(null);
  const { answer, findings } = ground;
  const stopped = bit.impossible !== null || findings.some(stopsGrinding);
  const { id } = bit.record;
  const close = () => setPanel(null);
  const ready = bit.body.state === 'ground';
  return (
    <Screen
      title={bit.body.name}
      onBack={() => backOr(router, '/grind')}
      side={
        <>
          <Measured bit={bit} />
          {answer && <ReadBack read={answer.read} />}
          <Onward bit={bit} stopped={stopped} onPanel={setPanel} />
          <History bit={bit} />
        </>
      }
      footer={
        ready ? (
          <CutWithIt bit={bit} />
        ) : (
          <Button
            kind="main"
            label="Grind it"
            disabled={stopped}
            onPress={() => router.push(`/grind/${id}/steps`)}
            style={styles.grow}
          />
        )
      }
    >
      <BitSentence bit={bit} onTouch={setPanel} />
      <BitSketch bit={bit} ground={ground} />
      <Says bit={bit} ground={ground} />
      {panel === 'groove' && <GroovePanel bit={bit} onClose={close} />}
      {panel === 'heel' && <SizePanel mark="heel" bit={bit} onClose={close} />}
      {panel === 'name' && <NamePanel bit={bit} onClose={close} />}
      {panel === 'file' && <ExportPanel bit={bit} ground={ground} onClose={close} />}
      {panel && panel !== 'groove' && panel !== 'heel' && panel !== 'name' && panel !== 'file' && (
        <WordPanel word={panel} bit={bit} onClose={close} />
      )}
    </Screen>
  );
}

/** What is wrong with the bit before it is ground, with what mends it. */
function Says({ bit, ground }: { bit: Bit; ground: GroundBit }) {
  const units = useUnits();
  const { answer, findings, fault, share, stop } = ground;
  return (
    <View style={styles.says} testID="findings">
      {bit.impossible && <Caution level="danger">{sayOutOfRange(bit.impossible)}</Caution>}
      {bit.body.school === 'general' && bit.body.shape === 'general' && generalIsPoor(bit.body.metalKey) && (
        <Caution level="caution">
          The general bit is a poor choice for this metal: take the angles for the metal.
        </Caution>
      )}
      <WornWheel bit={bit} />
      {findings.map((finding) => {
        const { level, text } = sayBitFinding(finding, units);
        return (
          <View key={`${finding.code}${'step' in finding ? finding.step : ''}`}>
            <Caution level={level}>{text}</Caution>
            {finding.code === 'rubs-in-bore' && finding.secondDeg !== null && (
              <View style={styles.pad}>
                <Button
                  label={`Second clearance ${Math.ceil(finding.secondDeg)}°`}
                  onPress={() =>
                    bit.change(
                      {
                        heel: {
                          clearanceDeg: Math.ceil(finding.secondDeg!),
                          landMm: bit.body.heel?.landMm ?? 1,
                        },
                      },
                      'Second clearance planned.',
                    )
                  }
                />
              </View>
            )}
          </View>
        );
      })}
      {answer?.plainBecause && (
        <Caution level="note">
          {`The solid library could not start, so hollow faces are shown flat. (${answer.plainBecause})`}
        </Caution>
      )}
      {fault && <Caution level="danger">{`The solid could not be cut: ${fault}`}</Caution>}
      {share !== null && !answer && (
        <View style={styles.progress}>
          <Bar share={share} progressOf="Cutting the solid" />
          <Button kind="plain" label="Stop" onPress={stop} />
        </View>
      )}
    </View>
  );
}

/** What else is done with a bit. */
function Onward({
  bit,
  stopped,
  onPanel,
}: {
  bit: Bit;
  stopped: boolean;
  onPanel: (panel: 'groove' | 'heel' | 'name' | 'file') => void;
}) {
  const router = useRouter();
  const units = useUnits();
  const { id } = bit.record;
  const { groove, heel, shape } = bit.body;
  const facts = SHAPES[shape];
  const size = (mm: number) => joined(formatLength(mm, units));
  return (
    <Sheet>
      {facts.takesGroove && (
        <Row
          title="Chip breaker"
          about={
            groove ? `${size(groove.widthMm)} wide, land ${size(groove.landMm)}` : 'none: the chip it makes'
          }
          onPress={() => onPanel('groove')}
        />
      )}
      {facts.takesHeel && (
        <Row
          title="Second clearance"
          about={heel ? `${heel.clearanceDeg}° under a land of ${size(heel.landMm)}` : 'none'}
          onPress={() => onPanel('heel')}
        />
      )}
      <Row
        title="Set it up"
        about="height of the nose, what an error does, the bore"
        onPress={() => router.push(`/grind/${id}/set-up`)}
      />
      {bit.body.state !== 'planned' && (
        <>
          <Row
            title="Regrind"
            about={`${leftOf(bit.body)} left`}
            onPress={() => router.push(`/grind/${id}/regrind`)}
          />
          {!stopped && (
            <Row
              title="All steps at the wheel"
              about="as for a new one"
              onPress={() => router.push(`/grind/${id}/steps`)}
            />
          )}
        </>
      )}
      <Row title="As a file" about="card to print, STL, SVG, DXF" onPress={() => onPanel('file')} />
      <Row title="Name and note" about={bit.body.note || 'none'} onPress={() => onPanel('name')} />
    </Sheet>
  );
}

/** One touch to the cut, with this bit and its true angles. */
function CutWithIt({ bit }: { bit: Bit }) {
  const router = useRouter();
  const cutWith = useCutWith(SHAPES[bit.body.shape].operation);
  const keep = useKeepGround(bit, null);
  const { records: tools } = useRecords('tools');
  // A tool that is there already was kept when the bit was ground last.
  const known = tools.find(({ id, archived }) => !archived && id === bit.body.toolId);
  return (
    <Button
      kind="main"
      label="Cut with it"
      disabled={!cutWith}
      onPress={() => {
        cutWith?.(known ?? keep(bit.body));
        router.push('/cut');
      }}
      style={styles.grow}
    />
  );
}

const styles = sheet({
  grow: { flex: 1 },
  says: { gap: SPACE.hair },
  progress: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close, paddingHorizontal: SPACE.edge },
  pad: { paddingHorizontal: SPACE.edge },
});
