import { useColours } from '../../theme/theme';
import { FONT } from '../../theme/type';
import { SvgText } from './SvgText';

/** Quiet words of a drawing: what stands at the ends of an axis, what a part is. */
export function QuietText({
  x,
  y,
  anchor = 'start',
  figures = false,
  children,
}: {
  x: number;
  y: number;
  /** Which part of the words stands at x. */
  anchor?: 'start' | 'middle' | 'end';
  /** They are figures of a scale. */
  figures?: boolean;
  children: string;
}) {
  const pen = useColours();
  return (
    <SvgText
      x={x}
      y={y}
      textAnchor={anchor}
      fontFamily={figures ? FONT.figures : FONT.words}
      fontSize={13}
      fill={pen.quiet}
    >
      {children}
    </SvgText>
  );
}
