import { useState } from 'react';
import { useUnits } from '../../../data/preferences';
import { Choice } from '../../../kit/Choice';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';
import type { EndMill } from './use-end-mill';

/** On which side the tooth lies, how it is indexed, and how it is fed. */
export function HoldPanel({ mill, onClose }: { mill: EndMill; onClose: () => void }) {
  const units = useUnits();
  const { draft, change } = mill;
  const [side, setSide] = useState(draft.side);
  return (
    <FigurePanel
      title="Side and rounds"
      onClose={onClose}
      onSet={({ holes, infeed, spark, travel }) =>
        change(
          { side, holes: holes[0] ?? null, infeedMm: infeed[0]!, sparkOut: spark[0]!, travelMm: travel[0]! },
          'Set-up changed.',
        )
      }
      before={
        <Choice
          says="Side of the lathe"
          value={side}
          onChange={setSide}
          options={[
            { value: 'operator', label: 'Your side' },
            { value: 'far', label: 'The far side' },
          ]}
          about="Headstock at your left: a right-hand tooth on your side has its flank above the edge, so the grinder is raised; on the far side it is lowered."
        />
      }
      fields={[
        {
          key: 'holes',
          label: 'Holes of the indexing plate',
          kind: 'whole',
          low: 1,
          high: 360,
          optional: true,
          start: draft.holes === null ? '' : String(draft.holes),
          about: 'Empty: by a square on a flat, or by a finger on each tooth.',
        },
        {
          key: 'infeed',
          label: 'Infeed of a round',
          kind: 'size',
          low: 0.002,
          high: 1,
          start: lengthText(draft.infeedMm, units),
          about: '0.01 to 0.02 mm is usual.',
        },
        {
          key: 'spark',
          label: 'Rounds to spark out',
          kind: 'whole',
          low: 0,
          high: 10,
          start: String(draft.sparkOut),
        },
        {
          key: 'travel',
          label: 'Travel that the indicator reads the dish over',
          kind: 'size',
          low: 5,
          high: 500,
          start: lengthText(draft.travelMm, units),
        },
      ]}
    />
  );
}
