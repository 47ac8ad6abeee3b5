import { ABRASIVES, WHEEL_FORMS, type Abrasive } from '@pike-stone/core/wheel';
import { capital } from '@pike-stone/words';
import { ABRASIVE_WORDS, FORM_WORDS } from '@pike-stone/words/wheel';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Row } from '../../../kit/Row';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { aboutWheel } from '../wheels/say-wheel';
import { endWheelOf } from './draft';
import type { EndMill } from './use-end-mill';

/** The wheel or disc: one of the stores, or one that is described here. */
export function MillWheelPanel({ mill, onClose }: { mill: EndMill; onClose: () => void }) {
  const units = useUnits();
  const { draft, job, wheels, change } = mill;
  const { wheel } = job;
  const [form, setForm] = useState(wheel.form);
  const [abrasive, setAbrasive] = useState<Abrasive | null>(wheel.abrasive);
  const figures = useFigures([
    {
      key: 'now',
      label: 'Diameter now',
      kind: 'size',
      low: 6,
      high: 300,
      start: lengthText(wheel.diameterMm, units),
    },
    {
      key: 'new',
      label: 'Diameter when new',
      kind: 'size',
      low: 6,
      high: 300,
      start: lengthText(wheel.markedMm, units),
      about: 'Its rating counts for this one.',
    },
    {
      key: 'rpm',
      label: 'Speed of the spindle, rpm',
      kind: 'number',
      low: 100,
      high: 60_000,
      start: String(wheel.spindleRpm),
      about: 'as set on the dial',
    },
    {
      key: 'rated',
      label: 'Rated, m/s',
      kind: 'number',
      low: 1,
      high: 200,
      optional: true,
      start: wheel.ratedMPerS === null ? '' : String(wheel.ratedMPerS),
      about: 'on its label',
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const diameterMm = read.now[0]!;
    change(
      {
        wheelId: null,
        wheel: {
          ...wheel,
          diameterMm,
          markedMm: Math.max(diameterMm, read.new[0]!),
          spindleRpm: read.rpm[0]!,
          ratedMPerS: read.rated[0] ?? null,
          form,
          abrasive,
          leastMm: Math.min(wheel.leastMm, diameterMm),
        },
      },
      'Wheel changed.',
    );
    onClose();
  };
  return (
    <Panel
      title="Wheel or disc"
      onClose={onClose}
      footer={<Button kind="main" label="Take this one" onPress={set} style={styles.grow} />}
    >
      {wheels.map((one) => (
        <Row
          key={one.record.id}
          title={one.record.body.name}
          about={aboutWheel(one, units)}
          chosen={one.record.id === draft.wheelId}
          onPress={() => {
            change({ wheelId: one.record.id, wheel: endWheelOf(one) }, 'Wheel changed.');
            onClose();
          }}
        />
      ))}
      <View style={styles.body}>
        <Words role="heading">Another</Words>
        {figures.boxes}
        <Choice
          says="Shape of the wheel"
          value={form}
          onChange={setForm}
          options={WHEEL_FORMS.map((value) => ({ value, label: capital(FORM_WORDS[value].name) }))}
          about={FORM_WORDS[form].about}
        />
        <Choice
          says="Abrasive"
          value={abrasive}
          onChange={setAbrasive}
          options={ABRASIVES.map((value) => ({ value, label: capital(ABRASIVE_WORDS[value]) }))}
        />
      </View>
    </Panel>
  );
}

const styles = sheet({ grow: { flex: 1 }, body: { padding: SPACE.edge, gap: SPACE.near } });
