import { span, USUAL_PIN, type FormSource, type Gear } from '@pike-stone/core/form';
import { threadDepth, threadWires } from '@pike-stone/core/forecast';
import { unlessRefused } from '@pike-stone/core';
import { sayOverPins, saySpan, saySpanReading, sayWires, sayWiresReading } from '@pike-stone/words/form';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import type { Form } from '../use-form';

/** Outside diameter that a thread is begun with until it is typed, mm. */
const USUAL_MAJOR_MM = 20;

/** What the first gear or thread must measure, and what a reading says. */
export function FirstPart({ form }: { form: Form }) {
  const { source } = form.body;
  if (form.shape?.gear) return <FirstGear form={form} gear={form.shape.gear.wanted} />;
  return source.kind === 'thread' ? <FirstThread form={form} source={source} /> : null;
}

/** Span and pins of the first gear, and how much deeper a reading asks for. */
function FirstGear({ form, gear }: { form: Form; gear: Gear }) {
  const units = useUnits();
  const wanted = unlessRefused(() => span(gear), null);
  const figures = useFigures(
    [
      {
        key: 'span',
        label: wanted ? `Span over ${wanted.teeth} teeth reads` : 'Span reads',
        kind: 'size',
        low: 0.2,
        high: 2000,
        optional: true,
      },
      {
        key: 'pin',
        label: 'Pins in hand',
        kind: 'size',
        low: 0.1,
        high: 60,
        start: lengthText(USUAL_PIN * gear.moduleMm, units),
      },
    ],
    { keptAs: `first ${form.record.id}`, atOnce: true },
  );
  const [reading, pin] = [figures.peek('span')?.[0], figures.peek('pin')?.[0]];
  const spanSays = saySpan(gear, units);
  return (
    <Sheet>
      <View style={styles.box} testID="first-part">
        <Words role="heading">The first gear</Words>
        {spanSays !== null && <Words>{spanSays}</Words>}
        {figures.boxes[0]}
        {wanted && reading !== undefined && (
          <Words role="strong">{saySpanReading(gear, reading - wanted.spanMm, units)}</Words>
        )}
        {figures.boxes[1]}
        {pin !== undefined && <Words>{sayOverPins(gear, pin, units)}</Words>}
      </View>
    </Sheet>
  );
}

/** Three wires on the first thread. */
function FirstThread({ form, source }: { form: Form; source: FormSource & { kind: 'thread' } }) {
  const units = useUnits();
  const { pitchMm, form: kind } = source;
  const begun = threadDepth(kind, pitchMm, USUAL_MAJOR_MM, 0, 0).pitchDiameterMm;
  const figures = useFigures(
    [
      {
        key: 'pitchDia',
        label: 'Pitch diameter wanted',
        kind: 'size',
        low: 0.5,
        high: 1000,
        start: lengthText(begun, units),
      },
      {
        key: 'wire',
        label: 'Wires in hand',
        kind: 'size',
        low: 0.05,
        high: 20,
        start: lengthText(threadWires(kind, pitchMm, begun, pitchMm).bestMm, units),
      },
      { key: 'reading', label: 'Over the wires reads', kind: 'size', low: 0.5, high: 1000, optional: true },
    ],
    { keptAs: `first ${form.record.id}`, atOnce: true },
  );
  const [pitchDia, wire, reading] = (['pitchDia', 'wire', 'reading'] as const).map(
    (key) => figures.peek(key)?.[0],
  );
  const wires =
    pitchDia !== undefined && wire !== undefined
      ? unlessRefused(() => threadWires(kind, pitchMm, pitchDia, wire, 1, reading), null)
      : null;
  const off = wires && reading !== undefined ? reading - wires.overCorrectedMm : null;
  return (
    <Sheet>
      <View style={styles.box} testID="first-part">
        <Words role="heading">The first thread, by three wires</Words>
        {figures.boxes}
        {wires && <Words>{sayWires(wires.overCorrectedMm, wires.bestMm, units)}</Words>}
        {off !== null && <Words role="strong">{sayWiresReading(off, units)}</Words>}
      </View>
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.close } });
