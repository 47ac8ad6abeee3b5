import { useState } from 'react';
import { Words } from '../../../kit/Words';
import { useFigures } from '../../figures/useFigures';
import { NameBox, nameFits, PartFrame, type PartOf } from './PartFrame';

export function VariablePart({ part, onSet, onRemove, onClose }: PartOf<'variable'>) {
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
    <PartFrame title="Variable pulley" onSet={set} onRemove={onRemove} onClose={onClose}>
      <NameBox name={name} onChange={setName} />
      {figures.boxes}
      <Words role="note">Turn its hand wheel only while the machine runs.</Words>
      {fault && <Words role="fault">{fault}</Words>}
    </PartFrame>
  );
}
