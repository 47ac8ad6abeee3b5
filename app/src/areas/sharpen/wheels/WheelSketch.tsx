import { formatAngle, formatLength, joined } from '@pike-stone/words';
import { Circle, G, Line, Path } from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { SvgText } from '../../../kit/drawing/SvgText';
import { DimensionLine, type DimensionMark, type Pen } from '../../../kit/drawing/dimensions';
import { TouchPaper, type TouchDrawing } from '../../../kit/drawing/TouchPaper';
import { useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';
import type { ShownWheel } from './use-wheels';
import type { WheelPart } from './wheel-part';

const HEIGHT = 250;
const MARGIN = 16;
/** Bit that is drawn on the rest, mm: its height, and how far it stands out. */
const BIT_MM = 10;
const SHANK_MM = 52;

/** Room for the figure of the rest beside its end, px. */
const LABEL_PX = 84;
const RAD = Math.PI / 180;

/** The wheel from the side with its rest, to scale: as new, as it is, and where it is used up. */
export function WheelSketch({ wheel, onTouch }: { wheel: ShownWheel; onTouch: (part: WheelPart) => void }) {
  const units = useUnits();
  const pen = useColours();
  const size = (mm: number) => formatLength(mm, units);
  return (
    <TouchPaper<'size' | 'rest'>
      height={HEIGHT}
      onTouch={({ key }) => onTouch(key)}
      draw={(width) => draw(wheel, pen, width, size, (mm) => joined(size(mm)))}
    />
  );
}

function draw(
  { record, use }: ShownWheel,
  pen: Pen,
  width: number,
  size: (mm: number) => { figure: string; unit: string },
  said: (mm: number) => string,
): TouchDrawing<'size' | 'rest'> {
  const now = record.body.diameterMm;
  const room = Math.max(use.markedMm + 2 * SHANK_MM, use.markedMm * 1.6);
  const scale = Math.min((HEIGHT - 2 * MARGIN) / use.markedMm, (width - 2 * MARGIN) / room);
  const [cx, cy] = [MARGIN + (use.markedMm / 2) * scale, HEIGHT / 2];
  const round = (mm: number) => ({ cx, cy, r: (mm / 2) * scale });
  const rest = use.rest;
  const tilt = rest?.now.tiltDeg ?? 0;
  const height = Math.max(-now / 2.2, Math.min(now / 2.2, rest?.set.heightMm ?? 0));
  const edge = [cx + Math.sqrt((now / 2) ** 2 - height ** 2) * scale, cy - height * scale] as const;
  // Along the rest away from the wheel, and down from the top of the bit, on paper.
  const [ax, ay] = [Math.cos(tilt * RAD), Math.sin(tilt * RAD)];
  const at = (along: number, down: number): string => {
    const [x, y] = [along * scale, down * scale];
    return `${(edge[0] + ax * x - ay * y).toFixed(1)} ${(edge[1] + ay * x + ax * y).toFixed(1)}`;
  };
  const figures = size(now);
  const marks: DimensionMark<'size' | 'rest'>[] = [
    {
      key: 'size',
      x: cx,
      y: cy + (now / 4) * scale,
      anchor: 'middle',
      figure: figures.figure,
      after: figures.unit,
      says: `Diameter now ${said(now)}`,
    },
    {
      key: 'rest',
      x: Math.min(width - MARGIN, edge[0] + SHANK_MM * scale + LABEL_PX),
      y: Math.min(HEIGHT - 34, edge[1] + 58),
      anchor: 'right',
      figure: rest ? formatAngle(tilt, 1) : 'rest',
      after: rest ? 'rest' : '',
      says: rest ? `Rest at ${formatAngle(tilt, 1)}` : 'Rest, not noted',
    },
  ];
  return {
    says: `The wheel from the side: ${said(now)} now, ${said(use.markedMm)} when new, used up at ${said(use.least.diameterMm)}`,
    marks,
    art: (
      <G>
        <Circle {...round(use.markedMm)} stroke={pen.quiet} strokeDasharray="5 4" fill="none" />
        <Circle {...round(now)} stroke={pen.ink} strokeWidth={1.6} fill={pen.wash} />
        <Circle {...round(use.least.diameterMm)} stroke={pen.quiet} strokeDasharray="3 3" fill="none" />
        {use.grinder?.flangeMm && (
          <Circle {...round(use.grinder.flangeMm)} stroke={pen.line} fill={pen.sheet} />
        )}
        <Circle cx={cx} cy={cy} r={3} fill={pen.ink} />
        <Path
          d={`M${at(0, 0)}L${at(SHANK_MM, 0)}L${at(SHANK_MM, BIT_MM)}L${at(0.5, BIT_MM)}Z`}
          stroke={pen.ink}
          fill={pen.sheet}
          strokeWidth={1.4}
        />
        <Path
          d={`M${at(2.5, BIT_MM)}L${at(SHANK_MM * 0.7, BIT_MM)}L${at(SHANK_MM * 0.7, BIT_MM + 6)}L${at(4, BIT_MM + 6)}Z`}
          stroke={pen.ink}
          fill={pen.line}
        />
        <Line x1={cx} x2={edge[0] + 10} y1={cy} y2={cy} stroke={pen.quiet} strokeDasharray="14 3 2 3" />
        <DimensionLine
          x1={cx - (now / 2) * scale}
          x2={cx + (now / 2) * scale}
          y1={cy + (now / 4) * scale}
          y2={cy + (now / 4) * scale}
          pen={pen}
        />
        <SvgText
          x={cx}
          y={cy - (use.least.diameterMm / 2) * scale + 16}
          textAnchor="middle"
          fontFamily={FONT.figures}
          fontSize={13}
          fill={pen.quiet}
        >
          {`used up ${size(Math.round(use.least.diameterMm)).figure}`}
        </SvgText>
      </G>
    ),
  };
}
