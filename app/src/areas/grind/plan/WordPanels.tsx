import type { BitBody } from '@pike-stone/contract';
import { MATERIALS } from '@pike-stone/core';
import { BIT_SHAPES, forThread, generalIsPoor } from '@pike-stone/core/grind';
import { SHAPE_WORDS } from '@pike-stone/words/grind';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecords } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Row } from '../../../kit/Row';
import { Words } from '../../../kit/Words';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { begunAnew } from '../bit-model';
import type { Bit } from '../use-bit';
import type { BitWord } from './BitSentence';

interface WordPanelProps {
  readonly bit: Bit;
  readonly onClose: () => void;
}

/** The panel of a word of the sentence. */
export function WordPanel({ word, ...props }: WordPanelProps & { readonly word: BitWord }) {
  switch (word) {
    case 'shape':
      return <ShapePanel {...props} />;
    case 'metal':
      return <MetalPanel {...props} />;
    case 'blank':
      return <BlankPanel {...props} />;
    case 'wheel':
      return <WheelPanel {...props} />;
    case 'use':
      return <UsePanel {...props} />;
  }
}

function ShapePanel({ bit, onClose }: WordPanelProps) {
  const { body, change } = bit;
  const anew = (part: Partial<BitBody>, said: string) => change(begunAnew(body, part), said);
  return (
    <Panel title="Shape" onClose={onClose}>
      <View style={styles.pad}>
        <Choice
          says="Hand"
          value={body.hand}
          onChange={(hand) => change({ hand }, 'Hand changed.')}
          options={[
            { value: 'right', label: 'Right hand' },
            { value: 'left', label: 'Left hand' },
          ]}
          about="A right-hand bit cuts toward the headstock."
        />
      </View>
      {BIT_SHAPES.map((shape) => (
        <Row
          key={shape}
          title={SHAPE_WORDS[shape].name}
          about={SHAPE_WORDS[shape].about}
          chosen={shape === body.shape}
          onPress={() => {
            if (shape !== body.shape) anew({ shape }, 'Shape changed; its angles begin anew.');
            onClose();
          }}
        />
      ))}
    </Panel>
  );
}

const SCHOOLS = [
  { value: 'general', label: 'One general shape' },
  { value: 'per-metal', label: 'Angles for the metal' },
] as const;
const SCHOOL_ABOUT = {
  general:
    'Usual here: few bits to keep, the movements become habit, and a regrind only shortens the bit. For leaded brass, copper and plastics it is a poor choice.',
  'per-metal': 'Better for one metal in quantity, and for soft, stringy or hard metals; more bits to keep.',
} as const;

function MetalPanel({ bit, onClose }: WordPanelProps) {
  const { body, change } = bit;
  const set = (part: Partial<BitBody>) => change(begunAnew(body, part), 'Angles begin anew.');
  return (
    <Panel title="Metal and angles" onClose={onClose}>
      <View style={styles.pad}>
        <Choice
          says="Angles"
          value={body.school}
          onChange={(school) => set({ school })}
          options={SCHOOLS}
          about={SCHOOL_ABOUT[body.school]}
        />
        {body.school === 'general' && generalIsPoor(body.metalKey) && (
          <Words role="strong">The general bit is a poor choice for this metal.</Words>
        )}
      </View>
      <Row title="Any metal" chosen={body.metalKey === null} onPress={() => set({ metalKey: null })} />
      {MATERIALS.map(({ key, name, examples }) => (
        <Row
          key={key}
          title={name}
          about={examples}
          chosen={body.metalKey === key}
          onPress={() => {
            set({ metalKey: key });
            onClose();
          }}
        />
      ))}
    </Panel>
  );
}

function BlankPanel({ bit, onClose }: WordPanelProps) {
  const units = useUnits();
  const { body, change } = bit;
  const [section, setSection] = useState(body.blank.section);
  const { records } = useRecords('supplies');
  const size = (key: 'widthMm' | 'heightMm' | 'lengthMm', label: string, high: number) =>
    ({
      key,
      label,
      kind: 'size',
      low: key === 'lengthMm' ? 5 : 2,
      high,
      start: lengthText(body.blank[key], units),
    }) as const;
  const figures = useFigures([
    size('widthMm', 'Width or diameter', 60),
    size('heightMm', 'Height', 60),
    size('lengthMm', 'Length', 400),
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const widthMm = read.widthMm[0]!;
    const heightMm = section === 'round' ? widthMm : read.heightMm[0]!;
    change({ blank: { section, widthMm, heightMm, lengthMm: read.lengthMm[0]! } }, 'Steel changed.');
    onClose();
  };
  const blanks = records.flatMap(({ id, archived, body: one }) =>
    !archived && one.kind === 'blank' ? [{ id, one }] : [],
  );
  return (
    <Panel
      title="Steel"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.pad}>
        <Choice
          says="Made of"
          value={body.material}
          onChange={(material) => change({ material })}
          options={[
            { value: 'hss', label: 'HSS' },
            { value: 'hss-co', label: 'Cobalt HSS' },
            { value: 'carbon-steel', label: 'Carbon steel' },
            { value: 'brazed-carbide', label: 'Brazed carbide' },
          ]}
        />
        <Choice
          says="Section"
          value={section}
          onChange={setSection}
          options={[
            { value: 'square', label: 'Square or flat' },
            { value: 'round', label: 'Round' },
          ]}
        />
        {figures.boxes}
        {blanks.length > 0 && <Words role="heading">From the drawer</Words>}
      </View>
      {blanks.map(({ id, one }) => (
        <Row
          key={id}
          title={one.name}
          chosen={id === body.blankId}
          onPress={() => {
            change(
              {
                blankId: id,
                material: one.material,
                blank: { ...body.blank, section: 'square', widthMm: one.widthMm, heightMm: one.heightMm },
              },
              'Steel changed.',
            );
            onClose();
          }}
        />
      ))}
    </Panel>
  );
}

function WheelPanel({ bit, onClose }: WordPanelProps) {
  const units = useUnits();
  const { body, change } = bit;
  const { records } = useRecords('supplies');
  const [fault, setFault] = useState<string | null>(null);
  const figures = useFigures([
    {
      key: 'diameter',
      label: 'Diameter now',
      kind: 'size',
      low: 10,
      high: 600,
      start: lengthText(body.wheel.diameterMm, units),
      about: 'Measure it: it wears, and the tilt of the rest changes with it.',
    },
    {
      key: 'contact',
      label: 'Edge above the axle',
      kind: 'number',
      low: -200,
      high: 200,
      start: String(body.wheel.contactMm),
      about: 'In millimetres, below the axle negative. At 0 the wheel leans nowhere.',
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const wheel = { ...body.wheel, diameterMm: read.diameter[0]!, contactMm: read.contact[0]! };
    if (Math.abs(wheel.contactMm) >= wheel.diameterMm / 2)
      return setFault('The edge must meet the wheel: less than its radius above or below the axle.');
    change({ wheel }, 'Wheel changed.');
    onClose();
  };
  const wheels = records.flatMap(({ id, archived, body: one }) =>
    !archived && one.kind === 'wheel' ? [{ id, one }] : [],
  );
  return (
    <Panel
      title="Wheel"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.pad}>
        <Choice
          says="Ground on"
          value={body.wheel.hollow ? 'front' : 'flat'}
          onChange={(on) => change({ wheel: { ...body.wheel, hollow: on === 'front' } }, 'Wheel changed.')}
          options={[
            { value: 'front', label: 'The front: hollow' },
            { value: 'flat', label: 'A flat face' },
          ]}
          about="The front of a wheel leaves a hollow, which a flat stone then hones on two lines. Grind on the flat side only of a wheel that is made for it."
        />
        {figures.boxes}
        {fault && <Words role="fault">{fault}</Words>}
        {wheels.length > 0 && <Words role="heading">From the drawer</Words>}
      </View>
      {wheels.map(({ id, one }) => (
        <Row
          key={id}
          title={one.name}
          about={one.note}
          onPress={() => {
            change({ wheel: { ...body.wheel, diameterMm: one.diameterMm } }, 'Wheel changed.');
            onClose();
          }}
        />
      ))}
    </Panel>
  );
}

function UsePanel({ bit, onClose }: WordPanelProps) {
  const units = useUnits();
  const { body, change } = bit;
  const [side, setSide] = useState(body.use?.side ?? 'outside');
  const isThread = body.trailingDeg !== null;
  const start = (mm: number | undefined) => (mm === undefined ? '' : lengthText(mm, units));
  const figures = useFigures([
    {
      key: 'diameter',
      label: 'Diameter',
      kind: 'size',
      low: 0.5,
      high: 3000,
      start: start(body.use?.diameterMm),
    },
    {
      key: 'depth',
      label: 'Depth of cut',
      kind: 'size',
      low: 0.005,
      high: 100,
      start: start(body.use?.depthMm ?? 1),
    },
    {
      key: 'feed',
      label: isThread ? 'Lead: pitch times starts' : 'Feed a turn',
      kind: 'size',
      low: 0.001,
      high: 25,
      start: start(body.use?.feedMm ?? 0.1),
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const use = {
      side,
      diameterMm: read.diameter[0]!,
      depthMm: read.depth[0]!,
      feedMm: read.feed[0]!,
      heightErrorMm: body.use?.heightErrorMm ?? 0,
    };
    // The flanks of a thread bit follow its lead.
    const next = isThread ? forThread({ ...body, use }, use.feedMm, use.diameterMm) : { use };
    change(next, 'Cut changed.');
    onClose();
  };
  return (
    <Panel
      title="Cut"
      onClose={onClose}
      footer={
        <>
          {body.use && (
            <Button
              label="Any cut"
              onPress={() => {
                change({ use: null }, 'For any cut.');
                onClose();
              }}
            />
          )}
          <Button kind="main" label="Set" onPress={set} style={styles.grow} />
        </>
      }
    >
      <View style={styles.pad}>
        <Choice
          says="Where it cuts"
          value={side}
          onChange={setSide}
          options={[
            { value: 'outside', label: 'Outside' },
            { value: 'bore', label: 'In a bore' },
          ]}
        />
        {figures.boxes}
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.near },
});
