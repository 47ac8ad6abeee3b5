import { Line } from 'react-native-svg';
import type { Pen } from '../../../kit/drawing/dimensions';

/** An axis, long and short dashes in turn: along `y`, or up and down at `x`. */
export function Axis({
  pen,
  ...at
}: { pen: Pen } & ({ y: number; from: number; to: number } | { x: number; from: number; to: number })) {
  const ends =
    'y' in at
      ? { x1: at.from, x2: at.to, y1: at.y, y2: at.y }
      : { x1: at.x, x2: at.x, y1: at.from, y2: at.to };
  return <Line {...ends} stroke={pen.quiet} strokeWidth={1} strokeDasharray="14 3 2 3" />;
}
