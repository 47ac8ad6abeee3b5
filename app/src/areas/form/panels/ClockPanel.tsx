import { clockTrain, trainsFor } from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import { sayTrain } from '@pike-stone/words/form';
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
import type { SourcePanelProps } from './source-panel';

const SHOWN = 4;

/** A clock train from its ratio and centre distance: which leaves meet it, and what they make. */
export function ClockPanel({ form, source, onClose }: SourcePanelProps<'clock'>) {
  const units = useUnits();
  const [part, setPart] = useState(source.part);
  const figures = useFigures([
    {
      key: 'ratio',
      label: 'Ratio, turns of the pinion for one of the wheel',
      kind: 'number',
      low: 0.5,
      high: 60,
      start: String(source.ratio),
    },
    {
      key: 'leaves',
      label: 'Leaves of the pinion',
      kind: 'whole',
      low: 6,
      high: 16,
      start: String(source.leaves),
    },
    {
      key: 'centre',
      label: 'Centre distance',
      kind: 'size',
      low: 1,
      high: 500,
      start: lengthText(source.centreMm, units),
    },
  ]);
  const [ratio, leaves, centreMm] = [
    figures.peek('ratio')?.[0],
    figures.peek('leaves')?.[0],
    figures.peek('centre')?.[0],
  ];
  const trains =
    ratio !== undefined && centreMm !== undefined ? trainsFor(ratio, centreMm).slice(0, SHOWN) : [];
  const chosen =
    ratio !== undefined && leaves !== undefined && centreMm !== undefined
      ? unlessRefused(() => clockTrain(ratio, leaves, centreMm), null)
      : null;
  const set = () => {
    const read = figures.take();
    if (!read || !chosen) return;
    form.change(
      {
        source: {
          kind: 'clock',
          ratio: read.ratio[0]!,
          leaves: read.leaves[0]!,
          centreMm: read.centre[0]!,
          part,
        },
      },
      'Train changed.',
    );
    onClose();
  };
  return (
    <Panel
      title="Clock train"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.pad}>
        <Choice
          says="Which cutter"
          value={part}
          onChange={setPart}
          options={[
            { value: 'wheel', label: 'Wheel' },
            { value: 'pinion', label: 'Pinion' },
          ]}
          about="The wheel drives; a pinion serves one wheel count exactly."
        />
        {figures.boxes}
        {chosen && <Words role="strong">{sayTrain(chosen)}</Words>}
        {chosen === null && ratio !== undefined && (
          <Words role="fault">That wheel would have fewer than 6 or more than 400 teeth.</Words>
        )}
      </View>
      {trains.map((train) => (
        <Row
          key={train.leaves}
          title={`${train.leaves} leaves`}
          about={sayTrain(train)}
          chosen={train.leaves === leaves}
          onPress={() => figures.set('leaves', String(train.leaves))}
        />
      ))}
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.near },
});
