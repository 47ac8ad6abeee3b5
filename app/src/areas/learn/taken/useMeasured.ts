import type { CutBody } from '@pike-stone/contract';
import { raUnit } from '@pike-stone/words/learn';
import { useUnits } from '../../../data/preferences';
import { useFigures, type FigureField } from '../../figures/useFigures';

type Key = 'size' | 'ra' | 'power' | 'wear';
type Measured = NonNullable<CutBody['measured']>;

/** Fields for what was measured after a cut; all of them may be left empty. */
export function useMeasured() {
  const units = useUnits();
  const { unit, perUm } = raUnit(units);
  const fields: readonly FigureField<Key>[] = [
    { key: 'size', label: 'Measured size', kind: 'size', low: 0.01, high: 5_000, optional: true },
    {
      key: 'ra',
      label: `Roughness Ra (${unit})`,
      kind: 'number',
      low: 0.01 * perUm,
      high: 200 * perUm,
      optional: true,
    },
    { key: 'power', label: 'Net power (W)', kind: 'number', low: 0.1, high: 100_000, optional: true },
    { key: 'wear', label: 'Wear land', kind: 'size', low: 0.001, high: 10, optional: true },
  ];
  const figures = useFigures(fields, { keptAs: 'cut-taken', atOnce: true });
  const measuredOf = (one: (key: Key) => number | undefined): Measured => {
    const ra = one('ra');
    const found = {
      sizeMm: one('size'),
      raUm: ra === undefined ? undefined : ra / perUm,
      netPowerW: one('power'),
      wearMm: one('wear'),
    };
    return Object.fromEntries(Object.entries(found).filter(([, value]) => value !== undefined));
  };
  return {
    boxes: figures.boxes,
    /** What can be read of it by now. */
    now: (): Measured => measuredOf((key) => figures.peek(key)?.[0]),
    /** What was measured; null when something typed cannot be used. */
    take: (): Measured | null => {
      const read = figures.take();
      return read && measuredOf((key) => read[key][0]);
    },
    forget: figures.forget,
  };
}
