import { angleRead, judgeAngle, readingAtTilt, type GrindStep, type Reading } from '@pike-stone/core/grind';
import { formatAngle } from '@pike-stone/words';
import { ANGLE_WORDS, READ_WORDS, sayAngleVerdict } from '@pike-stone/words/grind';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';
import { FromInstrument } from '../../machine/instruments/FromInstrument';
import type { Bit } from '../use-bit';
import { PhoneTilt } from './PhoneTilt';
import type { Session } from './session';

const PLANE_NAMES = { 'across-shank': 'Across the shank', 'along-shank': 'Along the shank' } as const;

/** What was read on the face just ground: typed, or from the gauge; what it means, and the correction. */
export function MeasurePanel({
  step,
  bit,
  session,
  onClose,
}: {
  step: GrindStep;
  bit: Bit;
  session: Session;
  onClose: () => void;
}) {
  const [plane, setPlane] = useState(step.readings[0]!.plane);
  const wanted = step.readings.find((one) => one.plane === plane)!;
  return (
    <Panel title="Measured" onClose={onClose}>
      <View style={styles.pad}>
        {step.readings.length > 1 && (
          <Choice
            says="Plane"
            value={plane}
            onChange={setPlane}
            options={step.readings.map((one) => ({ value: one.plane, label: PLANE_NAMES[one.plane] }))}
          />
        )}
      </View>
      <Measure key={plane} step={step} wanted={wanted} bit={bit} session={session} />
    </Panel>
  );
}

function Measure({
  step,
  wanted,
  bit,
  session,
}: {
  step: GrindStep;
  wanted: Reading;
  bit: Bit;
  session: Session;
}) {
  const units = useUnits();
  const { plane } = wanted;
  const angle = angleRead(step.key, plane);
  const before = session.body.readings.find((one) => one.step === step.key && one.plane === plane);
  const [measured, setMeasured] = useState<number | null>(before?.deg ?? null);
  const figures = useFigures([
    {
      key: 'deg',
      label: angle ? `${ANGLE_WORDS[angle].name}, degrees` : 'Degrees',
      kind: 'number',
      low: -90,
      high: 180,
      start: before ? String(before.deg) : '',
    },
  ]);
  const keep = (deg: number, by: 'typed' | 'gauge' | 'phone') => {
    setMeasured(deg);
    session.read({ step: step.key, plane, deg, by });
  };
  const take = (by: 'gauge' | 'phone') => (deg: number) => {
    figures.set('deg', String(deg));
    keep(deg, by);
  };
  const verdict = angle && measured !== null ? judgeAngle(bit.plan, angle, measured, bit.body.use) : null;
  const said =
    angle && verdict && measured !== null ? sayAngleVerdict(angle, measured, verdict, units) : null;
  return (
    <View style={styles.body}>
      <View style={styles.pad}>
        <Words>{`It must read ${formatAngle(wanted.deg, 1)}. ${angle ? READ_WORDS[angle] : ''}`}</Words>
        {figures.boxes}
        <Button
          label="Judge it"
          onPress={() => {
            const read = figures.take();
            if (read) keep(read.deg[0]!, 'typed');
          }}
        />
      </View>
      <FromInstrument kind="angle-gauge" near={wanted.deg} onTake={take('gauge')} />
      <PhoneTilt
        wantedDeg={step.setting?.tiltDeg ?? null}
        readingAt={(tiltDeg) => readingAtTilt(step, bit.plan, plane, tiltDeg)}
        onTake={take('phone')}
      />
      <View role="status" aria-live="polite" testID="angle-verdict">
        {said && (
          <>
            <Words role="big" style={styles.edge}>
              {said.text}
            </Words>
            {said.effect && <Caution level="caution">{said.effect}</Caution>}
            {said.mend && <Caution level="note">{said.mend}</Caution>}
          </>
        )}
      </View>
    </View>
  );
}

const styles = sheet({
  body: { gap: SPACE.near, paddingBottom: SPACE.edge },
  pad: { paddingHorizontal: SPACE.edge, gap: SPACE.near, paddingBottom: SPACE.close },
  edge: { paddingHorizontal: SPACE.edge },
});
