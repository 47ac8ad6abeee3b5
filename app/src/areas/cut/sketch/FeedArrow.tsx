import { Path } from 'react-native-svg';
import { arrowHead, type Pen } from '../../../kit/drawing/dimensions';

type Place = readonly [x: number, y: number];

/** A straight arrow in the direction of the feed. */
export function FeedArrow({ from: [x1, y1], to: [x2, y2], pen }: { from: Place; to: Place; pen: Pen }) {
  const long = Math.hypot(x2 - x1, y2 - y1);
  return (
    <Path
      d={`M${x1} ${y1}L${x2} ${y2}${arrowHead(x2, y2, (x2 - x1) / long, (y2 - y1) / long)}`}
      stroke={pen.accent}
      strokeWidth={1.4}
      fill="none"
    />
  );
}
