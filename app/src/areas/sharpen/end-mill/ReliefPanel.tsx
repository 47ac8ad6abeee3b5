import { useUnits } from '../../../data/preferences';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';
import type { EndMill } from './use-end-mill';

/** Reliefs, land and dish of the ends. */
export function ReliefPanel({ mill, onClose }: { mill: EndMill; onClose: () => void }) {
  const units = useUnits();
  const { draft, change } = mill;
  return (
    <FigurePanel
      title="Relief"
      onClose={onClose}
      check={({ relief, second }) =>
        second[0] !== undefined && second[0] <= relief[0]!
          ? 'The second relief must be more than the first.'
          : null
      }
      onSet={({ relief, land, second, dish }) =>
        change(
          { reliefDeg: relief[0]!, landMm: land[0]!, secondDeg: second[0] ?? null, dishDeg: dish[0]! },
          'Relief changed.',
        )
      }
      fields={[
        {
          key: 'relief',
          label: 'Relief at the edge, degrees',
          kind: 'number',
          low: 0.5,
          high: 30,
          start: String(draft.reliefDeg),
          about: '5 to 8 is usual; little rubs in a plunge, much weakens the corner.',
        },
        {
          key: 'land',
          label: 'Land behind the edge',
          kind: 'size',
          low: 0.05,
          high: 20,
          start: lengthText(draft.landMm, units),
          about: 'Small wheels need a narrow one.',
        },
        {
          key: 'second',
          label: 'Second relief, degrees',
          kind: 'number',
          low: 1,
          high: 60,
          optional: true,
          start: draft.secondDeg === null ? '' : String(draft.secondDeg),
          about: '12 to 15 is usual; empty for none.',
        },
        {
          key: 'dish',
          label: 'Dish, degrees',
          kind: 'number',
          low: 0,
          high: 15,
          start: String(draft.dishDeg),
          about: '1 to 3: the ends fall towards the centre, so that the corners cut.',
        },
      ]}
    />
  );
}
