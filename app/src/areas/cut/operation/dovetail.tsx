import { Axis } from '../sketch/Axis';
import type { DovetailCutter } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { dovetailDeg } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path, Rect } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import { hatch, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';

/** A dovetail seen along its way: the room roughed square, the slanted side cut last. */
function draw(input: SketchInput<DovetailCutter>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const d = setup.tool.diameterMm;
  const angle = Math.min(80, Math.max(20, dovetailDeg(setup)));
  const ap = plan.depth.mm;
  const scale = Math.min((width * 0.34) / d, (height - 150) / Math.max(ap * 1.8, 4), 9);
  const [R, deep] = [(d / 2) * scale, Math.max(10, Math.min(ap * scale, height * 0.4))];
  const lean = deep / Math.tan((angle * Math.PI) / 180);
  const cx = width * 0.5;
  const floor = height - 58;
  const top = floor - deep;
  const wall = cx - R;
  const wide = Math.max(3, Math.min((plan.depth.widthInUseMm ?? 1) * scale, R));
  const neck = Math.max(6, Math.min(R - 3, R - lean));
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(ap, units),
    w: formatLength(plan.depth.widthInUseMm ?? 0, units),
  };
  const art = (
    <G>
      <Path d={hatch(14, top, wall + lean - 14, deep)} stroke={pen.line} strokeWidth={1} />
      <Path
        d={`M14 ${height + 4}V${top}H${wall + lean}L${wall} ${floor}H${width * 0.8}V${height + 4}`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path
        d={`M${wall + lean + wide} ${top}V${floor}`}
        stroke={pen.quiet}
        strokeWidth={1.1}
        strokeDasharray="6 4"
      />
      <Path
        d={`M${cx - neck} ${top}L${cx - R} ${floor}H${cx + R}L${cx + neck} ${top}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.7}
      />
      <Rect
        x={cx - neck * 0.8}
        y={-2}
        width={neck * 1.6}
        height={top + 2}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.5}
      />
      <Axis x={cx} from={4} to={floor + 10} pen={pen} />
      <Path
        d={`M${cx - R} ${floor + 4}V${floor + 26}M${cx + R} ${floor + 4}V${floor + 26}M${cx + neck + 4} ${top}H${width * 0.8 + 22}M${width * 0.8 + 2} ${floor}h20`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={cx - R} y1={floor + 20} x2={cx + R} y2={floor + 20} pen={pen} />
      <DimensionLine x1={width * 0.8 + 14} y1={top} x2={width * 0.8 + 14} y2={floor} pen={pen} />
      <FeedArrow from={[wall + lean + 40, top - 10]} to={[wall + lean + 10, top - 10]} pen={pen} />
    </G>
  );
  return {
    art,
    says: `Dovetail of ${Math.round(angle)}° with ⌀${joined(shown.d)}, ${joined(shown.ap)} deep, ${joined(shown.w)} at a time`,
    marks: [
      {
        key: 'diameter',
        x: cx,
        y: floor + 38,
        anchor: 'middle',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Cutter ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: width - 6,
        y: floor + 30,
        anchor: 'right',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth ${joined(shown.ap)}`,
      },
      {
        key: 'width',
        x: Math.max(80, wall - 8),
        y: Math.max(30, top - 26),
        anchor: 'right',
        figure: shown.w.figure,
        after: 'at a time',
        says: `Side cut ${joined(shown.w)}`,
      },
      {
        key: 'angle',
        x: Math.max(40, wall - 30),
        y: floor - 14,
        anchor: 'middle',
        figure: `${Math.round(angle)}°`,
        after: '',
        says: `Angle ${Math.round(angle)} degrees`,
      },
      feedMark(input, width - 8, 24, 'right'),
    ],
  };
}

export const dovetail: OperationSketch<DovetailCutter> = { draw };
