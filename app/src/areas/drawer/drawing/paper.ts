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

const NOT_SAID = { figure: '?', unit: '' } as const;

/** The figure of a length; a question mark where the tool does not say it. */
export function lengthMark(
  { units, known }: Pick<Paper, 'units' | 'known'>,
  key: SizeKey,
  mm: number,
  says: string,
  at: {
    readonly x: number;
    readonly y: number;
    readonly anchor?: SizeMark['anchor'];
    readonly sign?: string;
  },
): SizeMark {
  const { figure, unit } = known.has(key) ? formatLength(mm, units) : NOT_SAID;
  return {
    key,
    x: at.x,
    y: at.y,
    anchor: at.anchor ?? 'middle',
    figure: `${at.sign ?? ''}${figure}`,
    after: unit,
    says: known.has(key) ? `${says} ${figure} ${unit}` : `${says}, not known`,
  };
}

/** The figure of an angle or of a number of teeth. */
export const plainMark = (
  key: SizeKey,
  figure: string,
  after: string,
  says: string,
  at: { readonly x: number; readonly y: number; readonly anchor?: SizeMark['anchor'] },
): SizeMark => ({
  key,
  x: at.x,
  y: at.y,
  anchor: at.anchor ?? 'middle',
  figure,
  after,
  says: `${says} ${figure}${after ? ` ${after}` : ''}`,
});
