import { useState } from 'react';
import { Words } from '../../../kit/Words';
import { useFigures } from '../../figures/useFigures';
import { PartFrame, type PartOf } from './PartFrame';

export function BackGearPart({ part, onSet, onRemove, onClose }: PartOf<'back-gear'>) {
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
    <PartFrame title="Back gear" onSet={set} onRemove={onRemove} onClose={onClose}>
      {figures.boxes}
      {fault && <Words role="fault">{fault}</Words>}
    </PartFrame>
  );
}
