import { gearOf, overPins, span, USUAL_PIN } from '@pike-stone/core/form';
import { threadWires } from '@pike-stone/core/forecast';
import { unlessRefused } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { sayFine } from '@pike-stone/words/form';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import type { Form } from '../use-form';

/** What the first gear or thread must measure, and what a reading says. */
export function FirstPart({ form }: { form: Form }) {
  const { source } = form.body;
  if (source.kind === 'gear') return <FirstGear form={form} />;
  return source.kind === 'thread' ? <FirstThread form={form} /> : null;
}

const size = (mm: number, units: 'mm' | 'inch'): string => joined(formatLength(mm, units));

/** Span and pins of the first gear, and how much deeper a reading asks for. */
function FirstGear({ form }: { form: Form }) {
  const units = useUnits();
  const { source } = form.body;
  const gear = source.kind === 'gear' ? gearOf(source.gear) : null;
  const wanted = gear && unlessRefused(() => span(gear), null);
  const pinMm = gear ? USUAL_PIN * gear.moduleMm : 1;
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
        start: lengthText(pinMm, units),
      },
    ],
    { keptAs: `first ${form.record.id}`, atOnce: true },
  );
  const pin = figures.peek('pin')?.[0];
  const pins = gear && pin !== undefined ? unlessRefused(() => overPins(gear, pin), null) : null;
  const reading = figures.peek('span')?.[0];
  if (!gear) return null;
  const over = wanted && reading !== undefined ? reading - wanted.spanMm : null;
  /** Sinking by u thins each flank by u sin alpha, so a span falls by twice that. */
  const deeper = over === null ? 0 : over / (2 * Math.sin((gear.rack.pressureAngleDeg * Math.PI) / 180));
  return (
    <Sheet>
      <View style={styles.box} testID="first-part">
        <Words role="heading">The first gear</Words>
        {wanted && (
          <Words>{`Span over ${wanted.teeth} teeth: ${size(wanted.spanMm, units)} without backlash.`}</Words>
        )}
        {figures.boxes[0]}
        {over !== null && (
          <Words role="strong">
            {Math.abs(over) < 0.005
              ? 'It is right.'
              : over > 0
                ? `${sayFine(over, units)} too large: cut ${size(deeper, units)} deeper.`
                : `${sayFine(-over, units)} too small: the backlash grows by that; a new blank if it is too much.`}
          </Words>
        )}
        {figures.boxes[1]}
        {pins ? (
          <Words>{`Over two pins: ${size(pins.overMm, units)}.`}</Words>
        ) : (
          <Words role="note">{`These pins touch no flank or do not stand proud: take about ${size(pinMm, units)}.`}</Words>
        )}
      </View>
    </Sheet>
  );
}

/** Three wires on the first thread. */
function FirstThread({ form }: { form: Form }) {
  const units = useUnits();
  const { source } = form.body;
  const pitchMm = source.kind === 'thread' ? source.pitchMm : 1;
  const kind = source.kind === 'thread' ? source.form : 'iso-60';
  const figures = useFigures(
    [
      {
        key: 'pitchDia',
        label: 'Pitch diameter wanted',
        kind: 'size',
        low: 0.5,
        high: 1000,
        start: lengthText(20 - 0.649519 * pitchMm, units),
      },
      {
        key: 'wire',
        label: 'Wires in hand',
        kind: 'size',
        low: 0.05,
        high: 20,
        start: lengthText(0.57735 * pitchMm, units),
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
        {wires && (
          <Words>{`It must read ${size(wires.overCorrectedMm, units)}. Best wires for this pitch: ${size(wires.bestMm, units)}.`}</Words>
        )}
        {off !== null && (
          <Words role="strong">
            {Math.abs(off) < 0.005
              ? 'It is right.'
              : off > 0
                ? `${sayFine(off, units)} too large: in by ${size(off / 2, units)} on the radius.`
                : `${sayFine(-off, units)} too small.`}
          </Words>
        )}
      </View>
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.close } });
