import { gearOf, patternRange, rangeTeeth, type GearCandidate, type GearData } from '@pike-stone/core/form';
import { RACK_NAMES } from '@pike-stone/core/bits';
import { unlessRefused } from '@pike-stone/core';
import { RACK_WORDS, sayCutterRange, sayPatternRange } from '@pike-stone/words/form';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';
import { FindGear } from './FindGear';
import type { SourcePanelProps } from './source-panel';

type Known = 'known' | 'measured';
/** For which count the form is drawn: the gear itself, the fewest of the cutter's range, a pattern in hand. */
type DrawnFor = 'own' | 'range' | 'pattern';

/** A gear by its data, or by what is measured on it, and the count that its form is drawn for. */
export function GearPanel({ form, source, onClose }: SourcePanelProps<'gear'>) {
  const units = useUnits();
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
          return patternRange(moduleMm, teeth, rack.pressureAngleDeg);
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
  const take = ({ system, size: found, rack, gear: it }: GearCandidate) => {
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
            {drawnFor === 'pattern' && range && <Words role="note">{sayPatternRange(range, units)}</Words>}
          </>
        )}
      </View>
      {known === 'measured' && <FindGear onTake={take} teeth={gear.teeth} />}
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.near },
});
