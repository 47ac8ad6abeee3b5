import { Axis } from '../sketch/Axis';
import type { TSlotCutter } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path, Rect } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import { hatch, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';

/** A T-slot seen along the slot: neck milled before, the head of the cutter under it. */
function draw(input: SketchInput<TSlotCutter>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const d = setup.tool.diameterMm;
  const scale = Math.min((width * 0.38) / d, (height - 150) / (plan.depth.mm + d * 0.5), 9);
  const [R, head] = [(d / 2) * scale, Math.max(8, plan.depth.mm * scale)];
  const cx = width * 0.4;
  const floor = height - 58;
  const neck = R * 0.5;
  const top = Math.max(56, floor - head - Math.max(28, R * 0.8));
  const [left, right] = [14, width * 0.72];
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(plan.depth.mm, units),
    out: formatLength(setup.stickOutMm, units),
  };
  const art = (
    <G>
      <Path
        d={`${hatch(left, top, cx - neck - left, floor - head - top)}${hatch(cx + neck, top, right - cx - neck, floor - head - top)}`}
        stroke={pen.line}
        strokeWidth={1}
      />
      <Path
        d={`M${left} ${height + 4}V${top}H${cx - neck}V${floor - head}H${cx - R}V${floor}H${cx + R}V${floor - head}H${cx + neck}V${top}H${right}V${height + 4}`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Rect
        x={cx - neck * 0.8}
        y={-2}
        width={neck * 1.6}
        height={floor - head + 2}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.5}
      />
      <Rect
        x={cx - R}
        y={floor - head}
        width={2 * R}
        height={head}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.7}
      />
      <Path
        d={`M${cx - R * 0.6} ${floor - head}l${R * 0.2} ${head}M${cx} ${floor - head}l${R * 0.2} ${head}M${cx + R * 0.6} ${floor - head}l${R * 0.2} ${head}`}
        stroke={pen.ink}
        strokeWidth={1}
      />
      <Axis x={cx} from={4} to={floor + 10} pen={pen} />
      <Path
        d={`M${cx - R} ${floor + 4}V${floor + 26}M${cx + R} ${floor + 4}V${floor + 26}M${cx + R + 3} ${floor - head}H${right + 24}M${cx + R + 3} ${floor}H${right + 24}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={cx - R} y1={floor + 20} x2={cx + R} y2={floor + 20} pen={pen} />
      <DimensionLine x1={right + 16} y1={floor - head} x2={right + 16} y2={floor} pen={pen} />
    </G>
  );
  return {
    art,
    says: `T-slot with a head of ⌀${joined(shown.d)}, ${joined(shown.ap)} high`,
    marks: [
      {
        key: 'diameter',
        x: cx,
        y: floor + 38,
        anchor: 'middle',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Head ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: Math.min(width - 108, right + 22),
        y: floor - head / 2,
        anchor: 'left',
        figure: shown.ap.figure,
        after: 'high',
        says: `Height of the head ${joined(shown.ap)}`,
      },
      {
        key: 'stickOut',
        x: width - 8,
        y: 56,
        anchor: 'right',
        figure: shown.out.figure,
        after: 'out',
        says: `Out of the collet ${joined(shown.out)}`,
      },
      feedMark(input, width - 8, 22, 'right'),
    ],
  };
}

export const tSlot: OperationSketch<TSlotCutter> = { draw };
