import {
  GAUGE_SETS,
  GAUGE_SET_NAMES,
  PLATE_SETS,
  STEPS_PER_UNIT,
  piecesInSteps,
  type GaugeUnit,
  type Plates,
} from '@pike-stone/core/setting';
import { unlessRefused } from '@pike-stone/core';
import { GAUGE_SET_WORDS, PLATE_SET_WORDS } from '@pike-stone/words/form';
import { draftsNamed } from '../../data/drafts';

/** What is on this bench: which set of blocks or feelers, which plates, which head; it stays on this device. */
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

/** A list that the shop wrote itself, as text. */
function useOwnText(key: string, start: string) {
  const text = useKept((state) => state.drafts[key]) ?? start;
  return [text, (next: string) => useKept.getState().keep(key, next)] as const;
}

/** Blocks or feelers that are stacked from. */
export interface PiecesInUse {
  readonly name: string;
  readonly unit: GaugeUnit;
  readonly kind: 'blocks' | 'feelers';
  readonly steps: readonly number[];
}

const OWN = 'own';
export const SET_CHOICES = [
  'metric-47',
  ...GAUGE_SET_NAMES.filter((name) => name !== 'metric-47'),
  OWN,
] as const;
export type SetChoiceName = (typeof SET_CHOICES)[number];

/** The pieces of a list in whole steps of its unit; null when one is none. */
export function ownPieces(text: string, unit: GaugeUnit): readonly number[] | null {
  const values = numbersIn(text);
  return values && values.length <= MOST_PIECES
    ? unlessRefused(() => piecesInSteps(values, unit), null)
    : null;
}
/** Pieces that a set of one's own may have. */
const MOST_PIECES = 130;

/** What an own list of pieces begins with: the first set, from which what is missing or worn is taken out. */
const FIRST = GAUGE_SETS['metric-47'].steps.map((steps) => steps / STEPS_PER_UNIT.mm).join(' ');

export const useOwnPieces = () => useOwnText('own-pieces', FIRST);
export const useOwnUnit = () => useKeptChoice<GaugeUnit>('own-unit', ['mm', 'in']);

/** The set in use, and how it is chosen. */
export function usePieces() {
  const [name, choose] = useKeptChoice<SetChoiceName>('gauge-set', SET_CHOICES);
  const [text] = useOwnPieces();
  const [unit] = useOwnUnit();
  const own = name === OWN ? ownPieces(text, unit) : null;
  const pieces: PiecesInUse =
    name === OWN
      ? { name: 'Own pieces', unit, kind: 'blocks', steps: own ?? [] }
      : { name: GAUGE_SET_WORDS[name], ...GAUGE_SETS[name] };
  return { name, choose, pieces };
}

/** Sizes of one of a wear pair that a set may have. */
export const wearPieces = (unit: GaugeUnit): readonly number[] => (unit === 'mm' ? [1, 2] : [0.05, 0.1]);

const PLATE_NAMES = ['three-plates', 'one-plate-two-sides', 'rotary-table-plates', 'direct'] as const;
export const PLATE_CHOICES = [...PLATE_NAMES, OWN] as const;
export type PlateChoice = (typeof PLATE_CHOICES)[number];

const MOST_CIRCLES = 60;

/** Circles of one's own plates: a side on each row; null when a number is no count of holes. */
export function ownPlates(text: string): Plates | null {
  const sides = text
    .split('\n')
    .filter((row) => row.trim() !== '')
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

export const useOwnPlates = () =>
  useOwnText('own-plates', PLATE_SETS['three-plates'].map((side) => side.join(' ')).join('\n'));

/** The plates in use, and how they are chosen. */
export function usePlates() {
  const [name, choose] = useKeptChoice<PlateChoice>('head-plates', PLATE_CHOICES);
  const [text] = useOwnPlates();
  const plates: Plates = name === OWN ? (ownPlates(text) ?? PLATE_SETS['three-plates']) : PLATE_SETS[name];
  return { name, choose, plates };
}

/** What plates are called. */
export const plateName = (name: PlateChoice): string => (name === OWN ? 'Own plates' : PLATE_SET_WORDS[name]);
