import {
  RACKS,
  USUAL_DOUBT_MM,
  gearOf,
  identifyGear,
  patternRange,
  rangeTeeth,
  type GearCandidate,
  type GearData,
} from '@pike-stone/core/form';
import { RACK_NAMES } from '@pike-stone/core/bits';
import { unlessRefused } from '@pike-stone/core';
import { RACK_WORDS, sayCandidate, sayCutterRange, sayHowSure, sayResiduals } from '@pike-stone/words/form';
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
import { useFigures } from '../../figures/useFigures';
import type { SourcePanelProps } from './source-panel';

type Known = 'known' | 'measured';
/** For which count the form is drawn: the gear itself, the fewest of the cutter's range, a pattern in hand. */
type DrawnFor = 'own' | 'range' | 'pattern';

/** Allowance within which a gear may serve as the pattern, mm. */
const PATTERN_ALLOWANCE_MM = 0.01;
const SHOWN = 5;

/** A gear by its data, or by what is measured on it, and the count that its form is drawn for. */
export function GearPanel({ form, source, onClose }: SourcePanelProps<'gear'>) {
  const { gear, formTeeth } = source;
  const [known, setKnown] = useState<Known>('known');
  const [data, setData] = useState<GearData>(gear);
  const begun: DrawnFor =
    formTeeth === gear.teeth ? 'own' : formTeeth === rangeTeeth(gear.teeth) ? 'range' : 'pattern';
  const [drawnFor, setDrawnFor] = useState<DrawnFor>(begun);
  const figures = useFigures([
    {
      key: 'size',
      label: data.system === 'module' ? 'Module, mm' : 'Diametral pitch, per inch',
      kind: 'number',
      low: 0.05,
      high: 200,
      start: String(gear.size),
    },
    { key: 'teeth', label: 'Teeth', kind: 'whole', low: 6, high: 2000, start: String(gear.teeth) },
    {
      key: 'shift',
      label: 'Profile shift, in modules',
      kind: 'number',
      low: -1,
      high: 1,
      start: String(gear.shift),
      about: '0 for most; found from a span otherwise',
    },
    {
      key: 'pattern',
      label: 'Teeth of the pattern',
      kind: 'whole',
      low: 6,
      high: 2000,
      optional: true,
      start: begun === 'pattern' ? String(formTeeth) : '',
    },
  ]);
  const teeth = figures.peek('teeth')?.[0];
  const size = figures.peek('size')?.[0];
  const range =
    teeth !== undefined && size !== undefined
      ? unlessRefused(() => {
          const { moduleMm, rack } = gearOf({ ...data, size, teeth });
          return patternRange(moduleMm, teeth, rack.pressureAngleDeg, PATTERN_ALLOWANCE_MM);
        }, null)
      : null;
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const wanted = read.teeth[0]!;
    const drawn = { own: wanted, range: rangeTeeth(wanted), pattern: read.pattern[0] ?? wanted }[drawnFor];
    form.change(
      {
        source: {
          kind: 'gear',
          gear: { ...data, size: read.size[0]!, teeth: wanted, shift: read.shift[0]! },
          formTeeth: drawn,
        },
      },
      'Gear changed.',
    );
    onClose();
  };
  const take = ({ system, size: found, gear: it }: GearCandidate) => {
    const rack =
      RACK_NAMES.find(
        (name) =>
          RACKS[name].pressureAngleDeg === it.rack.pressureAngleDeg
          && RACKS[name].addendum === it.rack.addendum,
      ) ?? 'iso-53-a';
    setData({ ...data, system, rack });
    figures.set('size', String(found));
    figures.set('teeth', String(it.teeth));
    figures.set('shift', String(Number(it.shift.toFixed(4))));
    setKnown('known');
  };
  return (
    <Panel
      title="Gear"
      onClose={onClose}
      footer={
        known === 'known' ? <Button kind="main" label="Set" onPress={set} style={styles.grow} /> : undefined
      }
    >
      <View style={styles.pad}>
        <Choice
          says="How the gear is known"
          value={known}
          onChange={setKnown}
          options={[
            { value: 'known', label: 'I know its data' },
            { value: 'measured', label: 'Find it' },
          ]}
        />
        {known === 'known' && (
          <>
            <Choice
              says="System"
              value={data.system}
              onChange={(system) => setData({ ...data, system })}
              options={[
                { value: 'module', label: 'Module' },
                { value: 'diametral-pitch', label: 'Diametral pitch' },
              ]}
            />
            <Choice
              says="Pressure angle and rack"
              value={data.rack}
              onChange={(rack) => setData({ ...data, rack })}
              options={RACK_NAMES.map((value) => ({ value, label: RACK_WORDS[value] }))}
            />
            {figures.boxes.slice(0, 3)}
            {teeth !== undefined && <Words role="note">{sayCutterRange(teeth)}</Words>}
            <Choice
              says="The form is drawn for"
              value={drawnFor}
              onChange={setDrawnFor}
              options={[
                { value: 'own', label: 'This count' },
                { value: 'range', label: 'Its whole range' },
                { value: 'pattern', label: 'A gear in hand' },
              ]}
              about="A computed form for this count has no error; a pattern brings its own."
            />
            {drawnFor === 'pattern' && figures.boxes.slice(3)}
            {drawnFor === 'pattern' && range && (
              <Words role="note">{`Within 10 µm a pattern has ${range.fromTeeth} to ${range.toTeeth} teeth. Prefer fewer: more leave fat tips that bind.`}</Words>
            )}
          </>
        )}
      </View>
      {known === 'measured' && <FindGear onTake={take} teeth={gear.teeth} />}
    </Panel>
  );
}

/** Candidates for a gear from its teeth, its outside diameter and one or two spans. */
function FindGear({ teeth, onTake }: { teeth: number; onTake: (one: GearCandidate) => void }) {
  const units = useUnits();
  const figures = useFigures(
    [
      { key: 'teeth', label: 'Teeth counted', kind: 'whole', low: 6, high: 2000, start: String(teeth) },
      { key: 'outside', label: 'Outside diameter', kind: 'size', low: 1, high: 2000 },
      {
        key: 'over',
        label: 'Teeth in the span',
        kind: 'whole',
        low: 2,
        high: 200,
        start: String(Math.max(2, Math.round(teeth / 9 + 0.5))),
      },
      {
        key: 'span',
        label: 'Span over them',
        kind: 'size',
        low: 0.2,
        high: 1000,
        about: 'by caliper across so many teeth, the smallest reading',
      },
      {
        key: 'next',
        label: 'Span over one tooth more',
        kind: 'size',
        low: 0.2,
        high: 1000,
        optional: true,
        about: 'tells the pressure angle',
      },
    ],
    { keptAs: 'find-gear' },
  );
  const [count, outside, over, span, next] = (['teeth', 'outside', 'over', 'span', 'next'] as const).map(
    (key) => figures.peek(key)?.[0],
  );
  const spans =
    over === undefined || span === undefined
      ? []
      : [
          { teeth: over, lengthMm: span },
          ...(next === undefined ? [] : [{ teeth: over + 1, lengthMm: next }]),
        ];
  const found =
    count !== undefined && outside !== undefined && spans.length > 0
      ? unlessRefused(
          () => identifyGear({ teeth: count, outsideMm: outside, spans, doubtMm: USUAL_DOUBT_MM }),
          null,
        )
      : null;
  const best = found?.[0];
  return (
    <View>
      <View style={styles.pad}>
        {figures.boxes}
        {best && <Words role="strong">{sayHowSure(found, spans.length)}</Words>}
        {best && best.score > FAR_OFF && (
          <Words role="fault">
            Nothing fits well: count the teeth and measure the spans again, or it is a gear of another kind.
          </Words>
        )}
      </View>
      {found?.slice(0, SHOWN).map((one) => (
        <Row
          key={`${one.system}${one.size}${one.gear.rack.pressureAngleDeg}${one.gear.rack.addendum}${one.gear.shift}`}
          title={sayCandidate(one)}
          about={sayResiduals(one, units)}
          onPress={() => onTake(one)}
        />
      ))}
    </View>
  );
}
/** A score from which even the best candidate does not fit. */
const FAR_OFF = 60;

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.near },
});
