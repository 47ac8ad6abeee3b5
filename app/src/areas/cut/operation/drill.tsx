import { Axis } from '../sketch/Axis';
import type { Drill } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { drillPoint } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path, Rect } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import { hatch, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';

const POINT_DEG = 118;

/** Drilling in section: along the bed on a lathe, downward on a mill. */
function draw(input: SketchInput<Drill>): Drawing {
  return input.setup.machine.kind === 'lathe' ? latheDrill(input) : millDrill(input);
}

function words(input: SketchInput<Drill>) {
  const { setup, plan, units } = input;
  return { d: formatLength(setup.tool.diameterMm, units), deep: formatLength(plan.depth.mm, units) };
}

function marksOf(
  input: SketchInput<Drill>,
  at: { diameter: [number, number]; depth: [number, number]; feed: [number, number] },
): Drawing['marks'] {
  const shown = words(input);
  return [
    {
      key: 'diameter',
      x: at.diameter[0],
      y: at.diameter[1],
      anchor: 'middle',
      figure: `⌀${shown.d.figure}`,
      after: input.units === 'inch' ? 'in' : '',
      says: `Drill diameter ${joined(shown.d)}`,
    },
    {
      key: 'depth',
      x: at.depth[0],
      y: at.depth[1],
      anchor: 'middle',
      figure: shown.deep.figure,
      after: 'deep',
      says: `Depth ${joined(shown.deep)}`,
    },
    feedMark(input, at.feed[0], at.feed[1], 'left'),
  ];
}

function latheDrill(input: SketchInput<Drill>): Drawing {
  const { setup, plan, width, height, pen } = input;
  const d = setup.tool.diameterMm;
  const point = drillPoint(d, POINT_DEG);
  const scale = Math.min((width - 170) / (plan.depth.mm + point + d), (height - 150) / d, 9);
  const [R, deep, tip] = [(d / 2) * scale, plan.depth.mm * scale, point * scale];
  const cy = height * 0.46;
  const wall = Math.max(24, Math.min(R * 1.1, height * 0.3 - R));
  const face = width - 120;
  const bottom = face - deep;
  const from = Math.max(34, bottom - tip - 22);
  const shown = words(input);
  const art = (
    <G>
      <Path d={hatch(from, cy - R - wall, face - from, wall)} stroke={pen.line} strokeWidth={1} />
      <Path d={hatch(from, cy + R, face - from, wall)} stroke={pen.line} strokeWidth={1} />
      <Rect
        x={-2}
        y={cy - R - wall - 18}
        width={36}
        height={18}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Rect
        x={-2}
        y={cy + R + wall}
        width={36}
        height={18}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path
        d={`M-2 ${cy - R - wall}H${face}V${cy - R}H${bottom}L${bottom - tip} ${cy}L${bottom} ${cy + R}H${face}V${cy + R + wall}H-2`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path
        d={`M${bottom - tip} ${cy}L${bottom} ${cy - R}H${width - 6}V${cy + R}H${bottom}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path d={spirals(bottom, width - 6, cy, R)} stroke={pen.ink} strokeWidth={1} fill="none" />
      <Axis y={cy} from={4} to={width - 2} pen={pen} />
      <Path
        d={`M${face} ${cy + R + wall + 3}V${cy + R + wall + 30}M${bottom} ${cy + R + 4}V${cy + R + wall + 30}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={bottom} y1={cy + R + wall + 24} x2={face} y2={cy + R + wall + 24} pen={pen} />
      <DimensionLine x1={face + 58} y1={cy - R} x2={face + 58} y2={cy + R} pen={pen} />
    </G>
  );
  return {
    art,
    says: `Drilling ⌀${joined(shown.d)}, ${joined(shown.deep)} deep`,
    marks: marksOf(input, {
      diameter: [Math.min(face + 58, width - 52), cy - R - 32],
      depth: [(bottom + face) / 2, Math.min(height - 20, cy + R + wall + 42)],
      feed: [face + 6, cy + R + 28],
    }),
  };
}

function millDrill(input: SketchInput<Drill>): Drawing {
  const { setup, plan, width, height, pen } = input;
  const d = setup.tool.diameterMm;
  const point = drillPoint(d, POINT_DEG);
  const scale = Math.min((height - 110) / (plan.depth.mm + point), (width * 0.24) / d, 9);
  const [R, deep, tip] = [(d / 2) * scale, plan.depth.mm * scale, point * scale];
  const cx = width * 0.4;
  const face = 78;
  const bottom = face + deep;
  const low = Math.min(height - 8, bottom + tip + 16);
  const [l, r] = [width * 0.12, width * 0.68];
  const shown = words(input);
  const art = (
    <G>
      <Path d={hatch(l, face, cx - R - l, low - face)} stroke={pen.line} strokeWidth={1} />
      <Path d={hatch(cx + R, face, r - cx - R, low - face)} stroke={pen.line} strokeWidth={1} />
      <Path
        d={`M${l} ${low}V${face}H${cx - R}V${bottom}L${cx} ${bottom + tip}L${cx + R} ${bottom}V${face}H${r}V${low}`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path
        d={`M${cx - R} -2V${bottom}L${cx} ${bottom + tip}L${cx + R} ${bottom}V-2`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <G rotation={90} originX={0} originY={0}>
        <Path d={spirals(4, bottom, -cx, R)} stroke={pen.ink} strokeWidth={1} fill="none" />
      </G>
      <Axis x={cx} from={4} to={low} pen={pen} />
      <Path
        d={`M${r + 4} ${face}H${r + 30}M${cx + R + 4} ${bottom}H${r + 30}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={r + 24} y1={face} x2={r + 24} y2={bottom} pen={pen} />
      <DimensionLine x1={cx - R} y1={52} x2={cx + R} y2={52} pen={pen} />
      <FeedArrow from={[cx - R - 14, 14]} to={[cx - R - 14, 58]} pen={pen} />
    </G>
  );
  return {
    art,
    says: `Drilling ⌀${joined(shown.d)}, ${joined(shown.deep)} deep`,
    marks: marksOf(input, {
      diameter: [cx + R + 60, 52],
      depth: [Math.min(width - 56, r + 62), (face + bottom) / 2],
      feed: [8, 34],
    }),
  };
}

function spirals(from: number, to: number, cy: number, R: number): string {
  let path = '';
  const pitch = Math.max(14, R * 2.2);
  for (let x = from; x + pitch <= to; x += pitch)
    path += `M${x} ${cy + R}C${x + pitch * 0.3} ${cy + R * 0.3} ${x + pitch * 0.6} ${cy - R * 0.3} ${x + pitch * 0.9} ${cy - R}`;
  return path;
}

export const drill: OperationSketch<Drill> = { draw };
