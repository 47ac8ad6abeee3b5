import { Circle, G, Path, Rect } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import { sizeMark, type Paper, type ToolArt } from './paper';
import type { Sizes } from './sizes';

const TEETH_SHOWN = 60;
const EDGE_ROOM = 90;

/** A saw or a form cutter along its arbor and across it, to scale: rim, bore, thickness. */
export function discTool(kind: 'slitting-saw' | 'form-cutter', s: Sizes, paper: Paper): ToolArt {
  const { width, height, pen } = paper;
  const saw = kind === 'slitting-saw';
  const thick = saw ? s.thicknessMm : s.widthMm;
  const scale = Math.min((height - 64) / s.diameterMm, (width - EDGE_ROOM - 90) / s.diameterMm);
  const r = (s.diameterMm / 2) * scale;
  const c = { x: 16 + r, y: 14 + r };
  const count = Math.max(3, Math.min(TEETH_SHOWN, Math.round(s.teeth)));
  const notch = saw ? Math.min(r * 0.12, 8) : Math.min(r * 0.3, (Math.PI * r) / count);
  const rim = Array.from({ length: count }, (_, i) => {
    const [a, b] = [(i / count) * 2 * Math.PI, ((i + 0.6) / count) * 2 * Math.PI];
    return `${i === 0 ? 'M' : 'L'}${c.x + r * Math.cos(a)} ${c.y + r * Math.sin(a)}L${c.x + (r - notch) * Math.cos(b)} ${c.y + (r - notch) * Math.sin(b)}`;
  }).join('');
  const edgeW = Math.max(3, thick * scale);
  const edgeX = c.x + r + 46;
  const collar = (s.collarMm / 2) * scale;
  const below = c.y + r + 16;
  return {
    art: (
      <G>
        <Path d={`${rim}Z`} fill={pen.wash} stroke={pen.ink} strokeWidth={1.4} strokeLinejoin="round" />
        {saw && (
          <Circle
            cx={c.x}
            cy={c.y}
            r={collar}
            stroke={pen.quiet}
            strokeWidth={1.1}
            strokeDasharray="5 4"
            fill="none"
          />
        )}
        <Circle
          cx={c.x}
          cy={c.y}
          r={Math.max(4, r * 0.2)}
          fill={pen.sheet}
          stroke={pen.ink}
          strokeWidth={1.4}
        />
        <Rect
          x={edgeX}
          y={c.y - r}
          width={edgeW}
          height={2 * r}
          fill={pen.wash}
          stroke={pen.ink}
          strokeWidth={1.4}
        />
        {!saw && (
          <Path
            d={`M${edgeX} ${c.y + r - s.depthMm * scale}H${edgeX + edgeW}`}
            stroke={pen.quiet}
            strokeWidth={1}
            strokeDasharray="5 4"
          />
        )}
        <DimensionLine x1={c.x - r} y1={below} x2={c.x + r} y2={below} pen={pen} />
        <DimensionLine x1={edgeX} y1={below} x2={edgeX + edgeW} y2={below} pen={pen} />
      </G>
    ),
    marks: [
      sizeMark(paper, 'diameterMm', s.diameterMm, { x: c.x, y: below + 16 }),
      sizeMark(paper, saw ? 'thicknessMm' : 'widthMm', thick, {
        x: Math.min(width - 8, edgeX + edgeW + 60),
        y: below + 16,
        anchor: 'right',
      }),
      sizeMark(paper, 'teeth', s.teeth, { x: width - 8, y: 26, anchor: 'right' }),
      sizeMark(paper, saw ? 'collarMm' : 'depthMm', saw ? s.collarMm : s.depthMm, {
        x: width - 8,
        y: 78,
        anchor: 'right',
      }),
    ],
  };
}
