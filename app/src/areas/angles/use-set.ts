import type { SupplyOf } from '@pike-stone/contract';
import {
  GAUGE_SETS,
  GAUGE_SET_NAMES,
  HEAD_RATIOS,
  PLATE_SETS,
  USUAL_HEAD_GEARS,
  piecesInSteps,
  type GaugeUnit,
  type Plates,
} from '@pike-stone/core/setting';
import { unlessRefused } from '@pike-stone/core';
import { GAUGE_SET_WORDS, PLATE_SET_WORDS } from '@pike-stone/words/form';
import { draftsNamed } from '../../data/drafts';
import { useRecords } from '../../data/records';

/** What is used on this bench: which set, which plates, which way of saying a taper; it stays on this device. */
const useKept = draftsNamed<string>('pike-sets');

/** A choice that stays: the one in use, of those that are offered. */
export function useKeptChoice<Value extends string>(key: string, values: readonly Value[]) {
  const kept = useKept((state) => state.drafts[key]);
  const value = values.find((one) => one === kept) ?? values[0]!;
  return [value, (next: Value) => useKept.getState().keep(key, next)] as const;
}

/** Numbers of a list as it is typed; null when one of them is none. */
export function numbersIn(text: string): readonly number[] | null {
  const values = text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  return values.length > 0 && values.every((value) => Number.isFinite(value) && value > 0) ? values : null;
}

/** Pieces that a set may have. */
const MOST_PIECES = 130;
const MOST_CIRCLES = 60;
const MOST_GEARS = 30;

/** The pieces of a list in whole steps of its unit; null when one is none. */
export function ownPieces(text: string, unit: GaugeUnit): readonly number[] | null {
  const values = numbersIn(text);
  return values && values.length <= MOST_PIECES
    ? unlessRefused(() => piecesInSteps(values, unit), null)
    : null;
}

/** Circles of plates, a side between slashes; null when a number is no count of holes. */
export function ownPlates(text: string): Plates | null {
  const sides = text
    .split('/')
    .filter((side) => side.trim() !== '')
    .map(numbersIn);
  const known = sides.filter((side) => side !== null);
  const circles = known.flat();
  return sides.length > 0
    && known.length === sides.length
    && circles.length <= MOST_CIRCLES
    && circles.every((holes) => Number.isInteger(holes) && holes >= 2 && holes <= 1000)
    ? known
    : null;
}

/** Change gears of a head; null when one is no count of teeth. */
export function ownGears(text: string): readonly number[] | null {
  const teeth = numbersIn(text);
  return teeth
    && teeth.length >= 2
    && teeth.length <= MOST_GEARS
    && teeth.every((one) => Number.isInteger(one) && one <= 500)
    ? teeth
    : null;
}

/** Stores of a kind of this shop, the newest name first. */
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
  readonly kind: 'blocks' | 'feelers';
  /** Empty when a piece of the shop's own list is none. */
  readonly steps: readonly number[];
}

/** Every set: the shop's own first, then the usual ones. */
function usePieceSets(): readonly PiecesInUse[] {
  const own = useStores('gauge-set').map(({ id, body }): PiecesInUse => ({
    id,
    name: body.name,
    unit: body.unit,
    kind: 'blocks',
    steps: ownPieces(body.pieces, body.unit) ?? [],
  }));
  return [
    ...own,
    ...GAUGE_SET_NAMES.map((name): PiecesInUse => ({
      id: name,
      name: GAUGE_SET_WORDS[name],
      ...GAUGE_SETS[name],
    })),
  ];
}

/** The set in use, and how it is chosen. */
export function usePieces() {
  const sets = usePieceSets();
  const [id, choose] = useKeptChoice(
    'gauge-set',
    sets.map((set) => set.id),
  );
  return { sets, choose, pieces: sets.find((set) => set.id === id)! };
}

/** Sizes of one of a wear pair that a set may have. */
export const wearPieces = (unit: GaugeUnit): readonly number[] => (unit === 'mm' ? [1, 2] : [0.05, 0.1]);

/** A head with its plates and gears. */
export interface HeadInUse {
  readonly id: string;
  readonly name: string;
  /** Turns of the crank for one of the work; null where it is asked beside. */
  readonly ratio: number | null;
  readonly plates: Plates;
  readonly gears: readonly number[];
}

const PLATE_NAMES = ['three-plates', 'one-plate-two-sides', 'rotary-table-plates', 'direct'] as const;
const RATIOS = HEAD_RATIOS.map(String);

/** The head in use: the shop's own first, then usual plates, whose ratio is chosen beside. */
export function useHead() {
  const own = useStores('dividing-head').map(({ id, body }): HeadInUse => ({
    id,
    name: body.name,
    ratio: body.ratio,
    plates: ownPlates(body.circles) ?? PLATE_SETS['three-plates'],
    gears: ownGears(body.gears) ?? USUAL_HEAD_GEARS,
  }));
  const heads: readonly HeadInUse[] = [
    ...own,
    ...PLATE_NAMES.map((name): HeadInUse => ({
      id: name,
      name: PLATE_SET_WORDS[name],
      ratio: name === 'direct' ? 1 : null,
      plates: PLATE_SETS[name],
      gears: USUAL_HEAD_GEARS,
    })),
  ];
  const [id, choose] = useKeptChoice(
    'head',
    heads.map((head) => head.id),
  );
  const [ratio, setRatio] = useKeptChoice('head-ratio', RATIOS);
  const head = heads.find((one) => one.id === id)!;
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
