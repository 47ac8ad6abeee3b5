import { Path } from 'react-native-svg';
import { DimensionLine, type Pen } from '../../../kit/drawing/dimensions';

/** A length along a bar, drawn below it with extension lines from its outline at `edge`. */
export function LengthBelow({
  x1,
  x2,
  edge,
  y,
  pen,
}: {
  x1: number;
  x2: number;
  edge: number;
  y: number;
  pen: Pen;
}) {
  return (
    <>
      <Path
        d={`M${x1} ${edge + 4}V${y + 4}M${x2} ${edge + 4}V${y + 4}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={x1} y1={y} x2={x2} y2={y} pen={pen} />
    </>
  );
}
