import { G, Path, Rect } from 'react-native-svg';
import type { Pen } from '../../../kit/drawing/dimensions';
import { hatch } from './drawing';

/** Origin of a bar seen from above: below the figures at the top and right of the shortest jaws, px. */
export const TOP = 46;
export const JAW = 30;
const LONGEST_JAW = 110;

/** Jaws reach as far as a short bar leaves room for, so that the free end stays near its dimensions. */
export const jawLength = (room: number): number => Math.max(JAW, Math.min(LONGEST_JAW, room));

/** The two jaws of a chuck in section, at the left edge of the paper, above and below the bar they hold. */
export function Jaws({
  reach,
  tall,
  cy,
  half,
  pen,
}: {
  /** Distance from the paper's edge to the face of the jaws, and height of each jaw, px. */
  reach: number;
  tall: number;
  /** Height of the axis and half the thickness of the bar, px. */
  cy: number;
  half: number;
  pen: Pen;
}) {
  return (
    <G>
      {[cy - half - tall, cy + half].map((y) => (
        <G key={y}>
          <Rect
            x={-2}
            y={y}
            width={reach + 2}
            height={tall}
            fill={pen.sheet}
            stroke={pen.ink}
            strokeWidth={1.6}
          />
          <Path d={hatch(-2, y, reach + 2, tall)} stroke={pen.line} strokeWidth={1} />
        </G>
      ))}
    </G>
  );
}
