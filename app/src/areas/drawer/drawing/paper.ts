import { formatLength, type UnitSystem } from '@pike-stone/words';
import type { ReactNode } from 'react';
import type { DimensionMark, Pen } from '../../../kit/drawing/dimensions';
import type { SizeKey } from './sizes';

export type SizeMark = DimensionMark<SizeKey>;

/** A tool drawn to scale, and the figures to touch on it. */
export interface ToolArt {
  readonly art: ReactNode;
  readonly marks: readonly SizeMark[];
}

/** The paper that a tool is drawn on. */
export interface Paper {
  readonly width: number;
  readonly height: number;
  readonly pen: Pen;
  readonly units: UnitSystem;
  /** Sizes that the tool says itself; the others are drawn as such a tool usually is. */
  readonly known: ReadonlySet<SizeKey>;
}

/** How a figure stands on the drawing, and what it is called when it is read aloud. */
interface FigureWords {
  readonly says: string;
  readonly is: 'length' | 'angle' | 'count';
  readonly sign?: string;
  readonly after?: string;
}

const FIGURES: Readonly<Record<SizeKey, FigureWords>> = {
  diameterMm: { says: 'Diameter', is: 'length', sign: '⌀' },
  shankMm: { says: 'Diameter of the shank', is: 'length', sign: '⌀' },
  barMm: { says: 'Diameter of the bar', is: 'length', sign: '⌀' },
  bodyMm: { says: 'Diameter of the body', is: 'length', sign: '⌀' },
  collarMm: { says: 'Diameter of its collars', is: 'length', sign: '⌀' },
  noseRadiusMm: { says: 'Nose radius', is: 'length', sign: 'r ' },
  fluteLengthMm: { says: 'Length of flute', is: 'length' },
  widthMm: { says: 'Width of the form', is: 'length' },
  depthMm: { says: 'Depth of the form', is: 'length' },
  thicknessMm: { says: 'Thickness of the saw', is: 'length' },
  headHeightMm: { says: 'Height of the head', is: 'length' },
  slantHeightMm: { says: 'Height of the slant', is: 'length' },
  approachDeg: { says: 'Approach angle', is: 'angle', after: 'approach' },
  cornerDeg: { says: 'Corner angle', is: 'angle', after: 'corner' },
  threadAngleDeg: { says: 'Angle of the thread', is: 'angle' },
  angleDeg: { says: 'Angle of the dovetail', is: 'angle' },
  teeth: { says: 'Teeth', is: 'count' },
};

export const isLength = (key: SizeKey): boolean => FIGURES[key].is === 'length';

/** Where a figure stands, and what it is called on a tool where that is not the usual. */
export interface Place extends Partial<Pick<FigureWords, 'says' | 'sign'>> {
  readonly x: number;
  readonly y: number;
  readonly anchor?: SizeMark['anchor'];
}

const NOT_SAID = { figure: '?', unit: '' } as const;

/** A figure of a tool; a question mark for a length that the tool does not say. */
export function sizeMark(
  { units, known }: Pick<Paper, 'units' | 'known'>,
  key: SizeKey,
  value: number,
  at: Place,
): SizeMark {
  const { is, after = '', ...usual } = FIGURES[key];
  const { says, sign = '' } = { ...usual, ...at };
  const common = { key, x: at.x, y: at.y, anchor: at.anchor ?? 'middle' };
  if (is === 'length') {
    const { figure, unit } = known.has(key) ? formatLength(value, units) : NOT_SAID;
    const aloud = known.has(key) ? `${says} ${figure} ${unit}` : `${says}, not known`;
    return { ...common, figure: `${sign}${figure}`, after: unit, says: aloud };
  }
  const figure = is === 'angle' ? `${value}°` : String(value);
  const word = is === 'angle' ? after : value === 1 ? 'tooth' : 'teeth';
  return { ...common, figure, after: word, says: `${says} ${figure}` };
}
