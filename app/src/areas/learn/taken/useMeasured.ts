import type { CutBody } from '@pike-stone/contract';
import { useUnits } from '../../../data/preferences';
import { useFigures, type FigureField } from '../../figures/useFigures';

type Key = 'size' | 'ra' | 'power' | 'wear';
type Measured = NonNullable<CutBody['measured']>;

/** Micro-inches in a micrometre. */
const UIN_PER_UM = 1000 / 25.4;

/** Fields for what was measured after a cut; all of them may be left empty. */
export function useMeasured() {
  const units = useUnits();
  const perUm = units === 'mm' ? 1 : UIN_PER_UM;
  const fields: readonly FigureField<Key>[] = [
    { key: 'size', label: 'Measured size', kind: 'size', low: 0.01, high: 5_000, optional: true },
    {
      key: 'ra',
      label: `Roughness Ra (${units === 'mm' ? 'μm' : 'μin'})`,
      kind: 'number',
      low: 0.01 * perUm,
      high: 200 * perUm,
      optional: true,
    },
    { key: 'power', label: 'Net power (W)', kind: 'number', low: 0.1, high: 100_000, optional: true },
    { key: 'wear', label: 'Wear land', kind: 'size', low: 0.001, high: 10, optional: true },
  ];
  const figures = useFigures(fields, { keptAs: 'cut-taken', atOnce: true });
  /** What was measured; null when something typed cannot be used. */
  const take = (): Measured | null => {
    const read = figures.take();
    if (!read) return null;
    const one = (key: Key): number | undefined => read[key][0];
    const ra = one('ra');
    const found = {
      sizeMm: one('size'),
      raUm: ra === undefined ? undefined : ra / perUm,
      netPowerW: one('power'),
      wearMm: one('wear'),
    };
    return Object.fromEntries(Object.entries(found).filter(([, value]) => value !== undefined));
  };
  return { boxes: figures.boxes, take, forget: figures.forget };
}
