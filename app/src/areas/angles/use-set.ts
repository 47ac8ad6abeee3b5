import type { SupplyOf } from '@pike-stone/contract';
import {
  GAUGE_SETS,
  GAUGE_SET_NAMES,
  HEAD_RATIOS,
  PLATE_SETS,
  USUAL_HEAD_GEARS,
  kindOfPieces,
  type GaugeKind,
  type GaugeUnit,
  type Plates,
} from '@pike-stone/core/setting';
import { GAUGE_SET_WORDS, PLATE_SET_WORDS } from '@pike-stone/words/form';
import { draftsNamed } from '../../data/drafts';
import { useRecords } from '../../data/records';
import { ownGears, ownPieces, ownPlates } from './own-list';

/** What is used on this bench: which set, which plates, which way of saying a taper; it stays on this device. */
const useKept = draftsNamed<string>('pike-sets');

/** A choice that stays: the one in use, of those that are offered. */
export function useKeptChoice<Value extends string>(key: string, values: readonly Value[]) {
  const kept = useKept((state) => state.drafts[key]);
  const value = values.find((one) => one === kept) ?? values[0]!;
  return [value, (next: Value) => useKept.getState().keep(key, next)] as const;
}

/** Stores of a kind of this shop. */
function useStores<K extends 'gauge-set' | 'dividing-head'>(kind: K) {
  const { records } = useRecords('supplies');
  return records.flatMap(({ id, archived, body }) =>
    archived || body.kind !== kind ? [] : [{ id, body: body as SupplyOf<K> }],
  );
}

/** Blocks or feelers that are stacked from. */
export interface PiecesInUse {
  readonly id: string;
  readonly name: string;
  readonly unit: GaugeUnit;
  readonly kind: GaugeKind;
  /** Empty when a piece of the shop's own list is none. */
  readonly steps: readonly number[];
}

/** Every set: the shop's own first, then the usual ones. */
function usePieceSets(): readonly PiecesInUse[] {
  const own = useStores('gauge-set').map(({ id, body: { name, unit, pieces } }): PiecesInUse => {
    const steps = ownPieces(pieces, unit) ?? [];
    return { id, name, unit, kind: kindOfPieces(steps, unit), steps };
  });
  return [
    ...own,
    ...GAUGE_SET_NAMES.map((name): PiecesInUse => ({
      id: name,
      name: GAUGE_SET_WORDS[name],
      ...GAUGE_SETS[name],
    })),
  ];
}

/** The set in use, and how it is chosen; one whose list cannot be read is never in use. */
export function usePieces() {
  const sets = usePieceSets();
  const [id, choose] = useKeptChoice(
    'gauge-set',
    sets.filter(({ steps }) => steps.length > 0).map((set) => set.id),
  );
  return { sets, choose, pieces: sets.find((set) => set.id === id)! };
}

/** Sizes of one of a wear pair that a set may have. */
export const wearPieces = (unit: GaugeUnit): readonly number[] => (unit === 'mm' ? [1, 2] : [0.05, 0.1]);

/** A head with its plates and gears. */
export interface DividingHead {
  readonly id: string;
  readonly name: string;
  /** Turns of the crank for one of the work; null where it is asked beside. */
  readonly ratio: number | null;
  /** Null when a number of the shop's own list is no count of holes. */
  readonly plates: Plates | null;
  /** Null when a number of the shop's own list is no count of teeth. */
  readonly gears: readonly number[] | null;
}

/** A head whose plates and gears are known. */
export type HeadInUse = DividingHead & { readonly plates: Plates; readonly gears: readonly number[] };

export const isReadable = (head: DividingHead): head is HeadInUse =>
  head.plates !== null && head.gears !== null;

const PLATE_NAMES = ['three-plates', 'one-plate-two-sides', 'rotary-table-plates', 'direct'] as const;
const RATIOS = HEAD_RATIOS.map(String);

/** The head in use: the shop's own first, then usual plates, whose ratio is chosen beside. One whose lists cannot be read is never in use. */
export function useHead() {
  const own = useStores('dividing-head').map(({ id, body }): DividingHead => ({
    id,
    name: body.name,
    ratio: body.ratio,
    plates: ownPlates(body.circles),
    gears: ownGears(body.gears),
  }));
  const heads: readonly DividingHead[] = [
    ...own,
    ...PLATE_NAMES.map((name): HeadInUse => ({
      id: name,
      name: PLATE_SET_WORDS[name],
      ratio: name === 'direct' ? 1 : null,
      plates: PLATE_SETS[name],
      gears: USUAL_HEAD_GEARS,
    })),
  ];
  const readable = heads.filter(isReadable);
  const [id, choose] = useKeptChoice(
    'head',
    readable.map((head) => head.id),
  );
  const [ratio, setRatio] = useKeptChoice('head-ratio', RATIOS);
  const head = readable.find((one) => one.id === id)!;
  return {
    heads,
    choose,
    head,
    ratio: head.ratio ?? Number(ratio),
    ratios: RATIOS,
    chosenRatio: ratio,
    setRatio,
  };
}
