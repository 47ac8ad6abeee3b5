import { useMemo } from 'react';
import { useColourNumbers } from './theme';
import type { Colours } from './colours';

type Rgb = readonly [number, number, number];

const rgb = (hex: string): Rgb =>
  [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as unknown as Rgb;
const hex = (colour: Rgb): string =>
  `#${colour.map((part) => Math.round(part).toString(16).padStart(2, '0')).join('')}`;

/** A colour between two: 0 is the one, 1 the other. */
export function mixed(one: string, other: string, share: number): string {
  const [a, b] = [rgb(one), rgb(other)];
  return hex(a.map((part, i) => part + (b[i]! - part) * share) as unknown as Rgb);
}

/** Shares of marking blue in the faces of a solid, from the first step on. */
const SHARES = [0.52, 0.34, 0.16, 0.68, 0.44, 0.8, 0.26] as const;

/** Colours of the faces of a solid: of the blank, and of each step in turn. */
export interface FaceColours {
  readonly blank: string;
  readonly ofStep: (step: number) => string;
  readonly shade: string;
}

const made = (c: Colours): FaceColours => ({
  blank: mixed(c.sheet, c.strongLine, 0.22),
  ofStep: (step) => mixed(c.sheet, c.accent, SHARES[step % SHARES.length]!),
  shade: c.ink,
});

export function useFaceColours(): FaceColours {
  const colours = useColourNumbers();
  return useMemo(() => made(colours), [colours]);
}
