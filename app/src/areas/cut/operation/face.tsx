import { Axis } from '../sketch/Axis';
import type { TurningTool } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path, Rect } from 'react-native-svg';
import { arrowHead, DimensionLine } from '../../../kit/drawing/dimensions';
import { breakLine, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { JAW, jawLength, TOP, Jaws } from '../sketch/chuck';
import { FeedArrow } from '../sketch/FeedArrow';

/** Room at the right for the feed figure beside the tool, px. */
const RIGHT = 200;

/** Facing, seen from above: the tool works from the rim to the centre. */
function draw(input: SketchInput<TurningTool>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const d = plan.diameterMm;
  const scale = Math.min((height - 112) / d, 9);
  const half = (d / 2) * scale;
  const depth = plan.depth.mm * scale;
  const cy = TOP + half + 2;
  const room = width - JAW - RIGHT;
  const bar = Math.max(34, Math.min(setup.stickOutMm * scale, room));
  const jaw = jawLength(width - RIGHT - bar);
  const x1 = jaw + bar;
  const face = x1 - depth;
  const tipY = cy + half * 0.35;
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(plan.depth.mm, units),
    out: formatLength(setup.stickOutMm, units),
  };
  const art = (
    <G>
      <Jaws reach={jaw} tall={24} cy={cy} half={half} pen={pen} />
      <Path
        d={`M-2 ${cy - half}H${x1}V${tipY}H${face}V${cy + half}H-2`}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path
        d={`M${face} ${cy + half}H${x1}V${tipY}`}
        stroke={pen.quiet}
        strokeWidth={1.1}
        strokeDasharray="6 4"
        fill="none"
      />
      {setup.stickOutMm * scale > room && (
        <G>
          <Rect x={jaw + 14} y={cy - half - 3} width={9} height={2 * half + 6} fill={pen.sheet} />
          <Path
            d={`${breakLine(jaw + 14, cy - half, cy + half)}${breakLine(jaw + 23, cy - half, cy + half)}`}
            stroke={pen.ink}
            strokeWidth={1.3}
            fill="none"
          />
        </G>
      )}
      <Axis y={cy} from={4} to={x1 + 16} pen={pen} />
      <Path
        d={`M${face} ${tipY}l${Math.min(30, 12 + depth)} 8l26 42V${height + 4}h-46V${tipY + 62}L${face + 2} ${tipY + 6}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.8}
        strokeLinejoin="round"
      />
      <FeedArrow from={[face + 56, tipY + 40]} to={[face + 56, tipY - 2]} pen={pen} />
      <Path
        d={`M${jaw + 12} ${cy - half}V${cy + half}${arrowHead(jaw + 12, cy - half, 0, -1)}${arrowHead(jaw + 12, cy + half, 0, 1)}`}
        stroke={pen.accent}
        strokeWidth={1.2}
        fill="none"
      />
      <Path
        d={`M${jaw} ${cy - half - 4}V26M${x1} ${cy - half - 4}V26`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={jaw} y1={30} x2={x1} y2={30} pen={pen} />
      <Path
        d={`M${face} ${tipY - 4}V${cy - half - 12}M${face - 20} ${cy - half - 9}H${face}${arrowHead(face, cy - half - 9, 1, 0)}M${x1 + 34} ${cy - half - 9}H${x1}${arrowHead(x1, cy - half - 9, -1, 0)}`}
        stroke={pen.accent}
        strokeWidth={1.1}
        fill="none"
      />
    </G>
  );
  return {
    art,
    says: `Facing ⌀${joined(shown.d)}, ${joined(shown.ap)} off the end`,
    marks: [
      {
        key: 'diameter',
        x: jaw + 16,
        y: cy,
        anchor: 'left',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Diameter ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: x1 + 36,
        y: cy - half - 9,
        anchor: 'left',
        figure: shown.ap.figure,
        after: 'off',
        says: `Depth ${joined(shown.ap)}`,
      },
      {
        key: 'stickOut',
        x: (jaw + x1) / 2,
        y: 20,
        anchor: 'middle',
        figure: shown.out.figure,
        after: 'out',
        says: `Out of the chuck ${joined(shown.out)}`,
      },
      feedMark(input, face + 62, tipY + 16, 'left'),
    ],
  };
}

export const face: OperationSketch<TurningTool> = { draw };
