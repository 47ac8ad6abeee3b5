import type { FormCutter, SlittingSaw } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { Circle, G, Line, Path } from 'react-native-svg';
import { arrowHead, DimensionLine } from '../../../kit/drawing/dimensions';
import { hatch, type Drawing, type SketchInput } from './drawing';
import { feedMark } from './feed-mark';
import { SideNote } from './SideNote';

const TEETH_SHOWN = 40;

/** A saw or a form cutter on its arbor, seen along the arbor: its rim goes into the block. */
export function onArbor(
  input: SketchInput<SlittingSaw | FormCutter>,
  widthMm: number,
  saw: boolean,
): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const { tool } = setup;
  const d = tool.diameterMm;
  const scale = Math.min((height - 96) / d, (width * 0.46) / d, 6);
  const R = (d / 2) * scale;
  const deep = Math.max(4, Math.min(plan.depth.mm * scale, R * 0.9));
  const cx = width * 0.36;
  const cy = 34 + R;
  const surface = cy + R - deep;
  const edge = width * 0.7;
  const count = Math.min(tool.teeth, TEETH_SHOWN);
  const notch = Math.max(5, Math.min(R * 0.3, (Math.PI * R) / count));
  const rim = Array.from({ length: count }, (_, i) => {
    const a = (i / count) * 2 * Math.PI;
    const b = ((i + 0.6) / count) * 2 * Math.PI;
    return `${i === 0 ? 'M' : 'L'}${cx + R * Math.cos(a)} ${cy + R * Math.sin(a)}L${cx + (R - notch) * Math.cos(b)} ${cy + (R - notch) * Math.sin(b)}`;
  }).join('');
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(plan.depth.mm, units),
    w: formatLength(widthMm, units),
  };
  const half = Math.sqrt(Math.max(0, R * R - (R - deep) ** 2));
  const art = (
    <G>
      <Path
        d={hatch(cx + half * 0.2, cy + R + 4, edge - cx - half * 0.2, Math.max(4, height - cy - R - 4))}
        stroke={pen.line}
        strokeWidth={1}
      />
      <Path
        d={`M8 ${height + 4}V${cy + R}H${cx}A${R} ${R} 0 0 0 ${cx + half} ${surface}H${edge}V${height + 4}`}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path d={`M8 ${surface}H${cx - half}`} stroke={pen.quiet} strokeWidth={1.1} strokeDasharray="6 4" />
      <Path d={`${rim}Z`} fill={pen.wash} stroke={pen.ink} strokeWidth={1.5} strokeLinejoin="round" />
      <Circle cx={cx} cy={cy} r={Math.max(8, R * 0.22)} fill={pen.sheet} stroke={pen.ink} strokeWidth={1.6} />
      <Line x1={cx - 14} x2={cx + 14} y1={cy} y2={cy} stroke={pen.quiet} strokeWidth={1} />
      <Line x1={cx} x2={cx} y1={cy - 14} y2={cy + 14} stroke={pen.quiet} strokeWidth={1} />
      <Path
        d={`M${cx - R * 0.5} ${cy - R * 0.36}A${R * 0.62} ${R * 0.62} 0 0 1 ${cx + R * 0.5} ${cy - R * 0.36}${arrowHead(cx - R * 0.5, cy - R * 0.36, -0.5, 0.86)}`}
        stroke={pen.ink}
        strokeWidth={1.3}
        fill="none"
      />
      <Path
        d={`M${edge + 2} ${surface}h24M${cx + 4} ${cy + R}H${edge + 26}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={edge + 18} y1={surface} x2={edge + 18} y2={cy + R} pen={pen} />
      <Path
        d={`M${edge - 44} ${height - 12}h-54${arrowHead(edge - 98, height - 12, -1, 0)}`}
        stroke={pen.accent}
        strokeWidth={1.4}
        fill="none"
      />
      <SideNote
        x={width - 8}
        y={height - 10}
        pen={pen}
      >{`${joined(shown.w)} ${saw ? 'thick' : 'wide'}`}</SideNote>
    </G>
  );
  return {
    art,
    says: `${saw ? 'Sawing' : 'Form-milling'} ${joined(shown.ap)} deep with ⌀${joined(shown.d)}, ${joined(shown.w)} ${saw ? 'thick' : 'wide'}, ${tool.teeth} teeth`,
    marks: [
      {
        key: 'diameter',
        x: Math.min(width - 70, cx + R + 44),
        y: Math.max(30, cy - R * 0.6),
        anchor: 'middle',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Diameter ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: Math.min(width - 112, edge + 26),
        y: Math.min(height - 40, (surface + cy + R) / 2),
        anchor: 'left',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth ${joined(shown.ap)}`,
      },
      feedMark(input, 6, height - 16, 'left'),
    ],
  };
}
