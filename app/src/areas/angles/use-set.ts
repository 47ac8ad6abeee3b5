import { GAUGE_SETS, GAUGE_SET_NAMES, type GaugeSetName } from '@pike-stone/core/setting';
import { draftsNamed } from '../../data/drafts';

/** Which set of blocks or feelers the shop has on its bench, and which plates; it stays on this device. */
const useKept = draftsNamed<string>('pike-sets');

/** A choice that stays: the set in use, of those that are offered. */
export function useKeptChoice<Value extends string>(key: string, values: readonly Value[]) {
  const kept = useKept((state) => state.drafts[key]);
  const value = values.find((one) => one === kept) ?? values[0]!;
  return [value, (next: Value) => useKept.getState().keep(key, next)] as const;
}

/** The set of blocks or feelers in use. */
export const useGaugeSet = (): readonly [GaugeSetName, (set: GaugeSetName) => void] =>
  useKeptChoice('gauge-set', ['metric-47', ...GAUGE_SET_NAMES.filter((name) => name !== 'metric-47')]);

/** Sizes of one of a wear pair that a set may have. */
export const wearPieces = (set: GaugeSetName): readonly number[] =>
  GAUGE_SETS[set].unit === 'mm' ? [1, 2] : [0.05, 0.1];
