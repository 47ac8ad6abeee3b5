import type { ChipClass } from '@pike-stone/core/forecast';
import Svg, { Circle, Path } from 'react-native-svg';
import { useColours } from '../../../theme/theme';

const SIZE = 64;

/** Path of a helix seen from the side, with a number of coils of one height over a width. */
const helix = (from: number, to: number, coils: number, height: number): string => {
  const points = Array.from({ length: coils * 16 + 1 }, (_, i) => {
    const turn = (i / 16) * 2 * Math.PI;
    const x = from + ((to - from) * i) / (coils * 16) + 3.2 * Math.cos(turn);
    return `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${(SIZE / 2 + (height / 2) * Math.sin(turn)).toFixed(1)}`;
  });
  return points.join('');
};
const spiral = (): string =>
  Array.from({ length: 73 }, (_, i) => {
    const turn = (i / 24) * 2 * Math.PI;
    const r = 3 + i * 0.33;
    return `${i === 0 ? 'M' : 'L'}${(32 + r * Math.cos(turn)).toFixed(1)} ${(32 + r * Math.sin(turn)).toFixed(1)}`;
  }).join('');

const LINES: Readonly<Record<ChipClass, string>> = {
  ribbon: 'M4 40C16 30 24 48 34 38S52 26 60 34M4 46C16 36 24 54 34 44S52 32 60 40',
  tangle: 'M10 40C4 20 30 10 36 26S16 52 30 50 56 34 44 20 14 22 20 38 50 58 54 40 34 8 24 18 40 56 48 50',
  'flat-spiral': spiral(),
  'long-helix': helix(6, 58, 7, 22),
  'short-helix': helix(20, 44, 3, 24),
  'arc-pieces':
    'M10 26a11 11 0 0 1 17 -5M38 16a11 11 0 0 1 14 11M14 48a11 11 0 0 1 8 -15M34 52a11 11 0 0 0 18 -7M29 36a9 9 0 0 1 13 0',
  'loose-bits':
    'M12 22l6 3-4 5zM30 14l7 1-3 6zM48 24l5 5-7 2zM18 42l6-2 1 6zM36 36l6 3-5 4zM50 46l4 5-7 1zM28 54l6-1-2 5z',
  dust: '',
};
const GRAINS = Array.from({ length: 38 }, (_, i) => ({ x: 8 + ((i * 37) % 49), y: 14 + ((i * 23) % 37) }));

/** A drawing of the chip as it lies in the tray, in its temper colour where that can be told. */
export function ChipArt({
  chip,
  size = SIZE,
  colour,
}: {
  chip: ChipClass;
  size?: number;
  colour?: string | undefined;
}) {
  const c = useColours();
  const ink = colour ?? c.ink;
  return (
    <Svg width={size} height={size} viewBox={`0 0 ${SIZE} ${SIZE}`} aria-hidden>
      {chip === 'dust' ? (
        GRAINS.map(({ x, y }) => <Circle key={`${x}-${y}`} cx={x} cy={y} r={1} fill={ink} />)
      ) : (
        <Path
          d={LINES[chip]}
          stroke={ink}
          strokeWidth={chip === 'arc-pieces' ? 4 : 2.4}
          fill={chip === 'loose-bits' ? ink : 'none'}
        />
      )}
    </Svg>
  );
}
