import { G, Path } from 'react-native-svg';
import type { Pen } from '../../../kit/drawing/dimensions';

/** Face plate, the spindle's centre and the dog that drives the work. */
export function SpindleCentre({ x, cy, half, pen }: { x: number; cy: number; half: number; pen: Pen }) {
  const plate = Math.max(half + 16, 34);
  return (
    <G>
      <Path d={`M-2 ${cy - plate}H8V${cy + plate}H-2`} fill={pen.sheet} stroke={pen.ink} strokeWidth={1.6} />
      <Path
        d={`M${x} ${cy}L${x - 16} ${cy - 10}H8V${cy + 10}H${x - 16}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.4}
      />
      <Path d={`M${x + 2} ${cy - half}V${cy - half - 10}H8`} stroke={pen.ink} strokeWidth={3} fill="none" />
    </G>
  );
}
