import { convert, BELT_SECTIONS, pulleyLeast } from '@pike-stone/core';
import { formatLength, type UnitSystem } from '@pike-stone/words';
import { useState } from 'react';
import { useUnits } from '../../../data/preferences';
import { Picker } from '../../../kit/Picker';
import { Words } from '../../../kit/Words';
import { useFigures } from '../../figures/useFigures';
import { nextPair, withSteps } from './drive-draft';
import { NameBox, nameFits, PartFrame, type PartOf } from './PartFrame';
import { Counter } from './Counter';

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

const pullText = (newtons: number, units: UnitSystem): string =>
  String(units === 'mm' ? newtons : Number(convert(newtons, 'N', 'lbf').toPrecision(4)));

const pullOf = (typed: number | undefined, units: UnitSystem): number | undefined =>
  typed === undefined || units === 'mm' ? typed : Number(convert(typed, 'lbf', 'N').toPrecision(4));

export function BeltPart({ part, onSet, onRemove, onClose }: PartOf<'belt'>) {
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
    <PartFrame title="Belt" onSet={set} onRemove={onRemove} onClose={onClose}>
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
    </PartFrame>
  );
}
