import { convert, BELT_SECTIONS, pulleyLeast } from '@pike-stone/core';
import { formatLength, type UnitSystem } from '@pike-stone/words';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button, IconButton } from '../../../kit/Button';
import { MinusIcon, PlusIcon } from '../../../kit/icons';
import { Panel } from '../../../kit/Panel';
import { Picker } from '../../../kit/Picker';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../useFigures';
import { nextPair, withSteps, type StageBody } from './drive-draft';

interface PartProps<Part extends StageBody = StageBody> {
  readonly part: Part;
  readonly onSet: (part: StageBody) => void;
  readonly onRemove: (() => void) | null;
  readonly onClose: () => void;
}
type Of<K extends StageBody['kind']> = PartProps<Extract<StageBody, { kind: K }>>;

const SECTION_WORDS: Readonly<Record<string, string>> = {
  flat: 'Flat belt',
  round: 'Round belt',
  toothed: 'Toothed belt',
};
const SECTIONS = ['toothed', ...BELT_SECTIONS].map((value) => ({
  value,
  label: SECTION_WORDS[value] ?? `V-belt ${value}`,
}));
export const sectionWords = (section: string): string =>
  SECTIONS.find(({ value }) => value === section)?.label ?? section;

const sizeText = (mm: number, units: UnitSystem): string => formatLength(mm, units).figure;

/** Asks for what the drawing does not show of a part: name, belt, teeth, slip. */
export function PartPanel(props: PartProps) {
  switch (props.part.kind) {
    case 'belt':
      return <BeltPart {...(props as Of<'belt'>)} />;
    case 'lever':
      return <LeverPart {...(props as Of<'lever'>)} />;
    case 'back-gear':
      return <BackGearPart {...(props as Of<'back-gear'>)} />;
    case 'variable':
      return <VariablePart {...(props as Of<'variable'>)} />;
  }
}

function Frame({
  title,
  onSet,
  onRemove,
  onClose,
  children,
}: {
  title: string;
  onSet: () => void;
  onRemove: (() => void) | null;
  onClose: () => void;
  children: React.ReactNode;
}) {
  return (
    <Panel
      title={title}
      onClose={onClose}
      footer={
        <>
          {onRemove && <Button label="Take it out" onPress={onRemove} />}
          <Button kind="main" label="Set" onPress={onSet} style={styles.grow} />
        </>
      }
    >
      <View style={styles.body}>{children}</View>
    </Panel>
  );
}

function NameBox({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  const fault =
    name.trim() === ''
      ? 'Give the part a name.'
      : name.length > 20
        ? 'Keep the name of a part under 20 characters.'
        : undefined;
  return (
    <TextBox label="Name, as it stands in the speed table" value={name} onChange={onChange} fault={fault} />
  );
}
const nameFits = (name: string): boolean => name.trim() !== '' && name.length <= 20;

const pullText = (newtons: number, units: UnitSystem): string =>
  String(units === 'mm' ? newtons : Number(convert(newtons, 'N', 'lbf').toPrecision(4)));
const pullOf = (typed: number | undefined, units: UnitSystem): number | undefined =>
  typed === undefined || units === 'mm' ? typed : Number(convert(typed, 'lbf', 'N').toPrecision(4));

function BeltPart({ part, onSet, onRemove, onClose }: Of<'belt'>) {
  const units = useUnits();
  const [name, setName] = useState(part.name);
  const [section, setSection] = useState(part.section);
  const [count, setCount] = useState(part.pairs.length);
  const [fault, setFault] = useState<string>();
  const thick = section === 'flat' || section === 'round';
  const figures = useFigures([
    {
      key: 'slip',
      label: 'Slip, percent',
      kind: 'number',
      low: 0,
      high: 10,
      start: String(part.slipPercent),
      about: 'V-belt 1 to 2, flat 1 to 3, toothed 0',
    },
    {
      key: 'pull',
      label: `Pulls before it slips, ${units === 'mm' ? 'newton' : 'lbf'}`,
      kind: 'number',
      low: 1,
      high: units === 'mm' ? 20_000 : 4500,
      optional: true,
      start: part.pullN === undefined ? '' : pullText(part.pullN, units),
      about: `${units === 'mm' ? 'small V-belt 150 to 250, flat 5 to 8 for each mm of width' : 'small V-belt 34 to 56, flat 28 to 46 for each inch of width'}; empty: not known`,
    },
  ]);
  const thickness = useFigures([
    {
      key: 'mm',
      label: 'Thickness of the belt',
      kind: 'size',
      low: 0.5,
      high: 30,
      start: part.thicknessMm === undefined ? '' : sizeText(part.thicknessMm, units),
    },
  ]);
  const set = () => {
    const read = figures.take();
    const belt = thick ? thickness.take() : null;
    if (!read || (thick && !belt) || !nameFits(name)) return;
    const thicknessMm = belt?.mm[0];
    const pairs = withSteps(part.pairs, count, nextPair);
    const least = section === 'toothed' ? 8 : pulleyLeast(section, thicknessMm);
    const small = pairs.find((pair) => Math.min(pair.driverMm, pair.drivenMm) < least);
    if (small)
      return setFault(
        `A pulley of ${sizeText(Math.min(small.driverMm, small.drivenMm), units)} is too small for this belt: it needs more than ${sizeText(least, units)}.`,
      );
    onSet({
      kind: 'belt',
      name: name.trim(),
      section,
      thicknessMm,
      slipPercent: read.slip[0]!,
      pullN: pullOf(read.pull[0], units),
      pairs,
    });
  };
  return (
    <Frame title="Belt" onSet={set} onRemove={onRemove} onClose={onClose}>
      <NameBox name={name} onChange={setName} />
      <Counter label="Steps on each cone" count={count} most={8} onChange={setCount} />
      <Picker
        label="Belt"
        options={SECTIONS}
        value={section}
        onChange={(next) => setSection(next as typeof section)}
      />
      {thick && thickness.boxes}
      <Words role="note">
        {section === 'toothed'
          ? 'Pulleys of a toothed belt are given by their teeth.'
          : 'Measure the outside of each pulley; what the belt runs on is worked out from the section.'}
      </Words>
      {figures.boxes}
      {fault && <Words role="fault">{fault}</Words>}
    </Frame>
  );
}

function Counter({
  label,
  count,
  most,
  onChange,
}: {
  label: string;
  count: number;
  most: number;
  onChange: (count: number) => void;
}) {
  const colours = useColours();
  return (
    <View style={styles.counter}>
      <Words style={styles.grow}>{label}</Words>
      <IconButton says={`${label}: one less`} disabled={count <= 1} onPress={() => onChange(count - 1)}>
        <MinusIcon color={colours.accent} size={24} />
      </IconButton>
      <Words role="heading" aria-label={`${label}: ${count}`}>
        {count}
      </Words>
      <IconButton says={`${label}: one more`} disabled={count >= most} onPress={() => onChange(count + 1)}>
        <PlusIcon color={colours.accent} size={24} />
      </IconButton>
    </View>
  );
}

interface LeverRow {
  readonly name: string;
  readonly driver: string;
  readonly driven: string;
}
const toothCount = (text: string): number | null => {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() !== '' && value >= 1 && value <= 10_000 ? value : null;
};

function LeverPart({ part, onSet, onRemove, onClose }: Of<'lever'>) {
  const [name, setName] = useState(part.name);
  const [asked, setAsked] = useState(false);
  const [rows, setRows] = useState<readonly LeverRow[]>(() =>
    part.positions.map((one) => ({
      name: one.name,
      driver: String(one.driverTeeth),
      driven: String(one.drivenTeeth),
    })),
  );
  const change = (i: number, row: Partial<LeverRow>) =>
    setRows(rows.map((one, j) => (j === i ? { ...one, ...row } : one)));
  const faultOf = (row: LeverRow) =>
    row.name.trim() === '' || row.name.length > 12
      ? 'Name it in up to 12 characters.'
      : toothCount(row.driver) === null || toothCount(row.driven) === null
        ? 'Teeth, or a ratio like 1 and 2.5, from 1 to 10000.'
        : undefined;
  const set = () => {
    setAsked(true);
    if (!nameFits(name) || rows.some((row) => faultOf(row))) return;
    onSet({
      kind: 'lever',
      name: name.trim(),
      positions: rows.map((row) => ({
        name: row.name.trim(),
        driverTeeth: toothCount(row.driver)!,
        drivenTeeth: toothCount(row.driven)!,
      })),
    });
  };
  return (
    <Frame title="Gear lever" onSet={set} onRemove={onRemove} onClose={onClose}>
      <NameBox name={name} onChange={setName} />
      <Counter
        label="Positions"
        count={rows.length}
        most={12}
        onChange={(count) => setRows(withSteps(rows, count, (last) => ({ ...last, name: '' })))}
      />
      <Words role="note">Position, teeth of the driving gear, teeth of the driven gear.</Words>
      {rows.map((row, i) => (
        <View key={i} style={styles.field}>
          <View style={styles.counter}>
            <View style={styles.grow}>
              <TextBox
                hideLabel
                label={`Position ${i + 1}, name`}
                placeholder="A"
                value={row.name}
                onChange={(text) => change(i, { name: text })}
              />
            </View>
            <View style={styles.grow}>
              <TextBox
                hideLabel
                figures
                label={`Position ${i + 1}, driving teeth`}
                placeholder="driving"
                value={row.driver}
                onChange={(driver) => change(i, { driver })}
              />
            </View>
            <View style={styles.grow}>
              <TextBox
                hideLabel
                figures
                label={`Position ${i + 1}, driven teeth`}
                placeholder="driven"
                value={row.driven}
                onChange={(driven) => change(i, { driven })}
              />
            </View>
          </View>
          {asked && faultOf(row) && <Words role="fault">{faultOf(row)}</Words>}
        </View>
      ))}
    </Frame>
  );
}

function BackGearPart({ part, onSet, onRemove, onClose }: Of<'back-gear'>) {
  const [fault, setFault] = useState<string>();
  const figures = useFigures([
    {
      key: 'drivers',
      label: 'Teeth of the driving gears, from the cone',
      kind: 'numbers',
      low: 8,
      high: 400,
      start: part.driversTeeth.join(' '),
      about: 'usually two: 28 24',
    },
    {
      key: 'driven',
      label: 'Teeth of the driven gears',
      kind: 'numbers',
      low: 8,
      high: 400,
      start: part.drivenTeeth.join(' '),
      about: 'the last one is the bull gear',
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    if (read.drivers.length !== read.driven.length) return setFault('As many driving as driven gears.');
    if (read.drivers.length > 3) return setFault('Three pairs at most.');
    if ([...read.drivers, ...read.driven].some((teeth) => !Number.isInteger(teeth)))
      return setFault('Teeth are whole numbers.');
    onSet({ kind: 'back-gear', driversTeeth: [...read.drivers], drivenTeeth: [...read.driven] });
  };
  return (
    <Frame title="Back gear" onSet={set} onRemove={onRemove} onClose={onClose}>
      {figures.boxes}
      {fault && <Words role="fault">{fault}</Words>}
    </Frame>
  );
}

function VariablePart({ part, onSet, onRemove, onClose }: Of<'variable'>) {
  const [name, setName] = useState(part.name);
  const [fault, setFault] = useState<string>();
  const figures = useFigures([
    {
      key: 'slowest',
      label: 'Slowest: turns out for one turn in',
      kind: 'number',
      low: 0.01,
      high: 20,
      start: String(part.slowest),
    },
    {
      key: 'fastest',
      label: 'Fastest: turns out for one turn in',
      kind: 'number',
      low: 0.01,
      high: 20,
      start: String(part.fastest),
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read || !nameFits(name)) return;
    if (read.fastest[0]! <= read.slowest[0]!) return setFault('The fastest must be above the slowest.');
    onSet({ kind: 'variable', name: name.trim(), slowest: read.slowest[0]!, fastest: read.fastest[0]! });
  };
  return (
    <Frame title="Variable pulley" onSet={set} onRemove={onRemove} onClose={onClose}>
      <NameBox name={name} onChange={setName} />
      {figures.boxes}
      <Words role="note">Turn its hand wheel only while the machine runs.</Words>
      {fault && <Words role="fault">{fault}</Words>}
    </Frame>
  );
}

const styles = StyleSheet.create({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
  counter: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close },
  field: { gap: SPACE.hair },
});
