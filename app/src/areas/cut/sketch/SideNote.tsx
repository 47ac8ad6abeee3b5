import { SvgText } from '../../../kit/drawing/SvgText';
import { FONT } from '../../../theme/type';
import type { Pen } from '../../../kit/drawing/dimensions';

/** A quiet line of words on a sketch that cannot be touched, such as "blade 2 mm". */
export function SideNote({
  x,
  y,
  size = 13,
  anchor = 'end',
  pen,
  children,
}: {
  x: number;
  y: number;
  size?: number;
  anchor?: 'start' | 'end';
  pen: Pen;
  children: string;
}) {
  return (
    <SvgText x={x} y={y} textAnchor={anchor} fontFamily={FONT.figures} fontSize={size} fill={pen.quiet}>
      {children}
    </SvgText>
  );
}
