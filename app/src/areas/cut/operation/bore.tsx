import { Axis } from '../sketch/Axis';
import type { BoringBar } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { barDiameterMm } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path, Rect } from 'react-native-svg';
import { arrowHead, DimensionLine } from '../../../kit/drawing/dimensions';
import { hatch, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';
import { SideNote } from '../sketch/SideNote';

const CHUCK = 34;

const HOLDER = 58;

/** Boring in section: the work in the chuck, the bar from the tailstock end, its edge at the near wall. */
function draw(input: SketchInput<BoringBar>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const d = plan.diameterMm;
  const scale = Math.min((height - 118) / d, 9);
  const R = (d / 2) * scale;
  const depth = Math.min(plan.depth.mm * scale, R * 0.4);
  const cy = 56 + R;
  const wall = 26;
  const face = width - 138;
  const tipX = CHUCK + (face - CHUCK) * 0.42;
  const bar = Math.min((barDiameterMm(setup) / 2) * scale, R * 0.8);
  const barY = cy + R - bar - Math.max(3, R * 0.12);
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(plan.depth.mm, units),
    out: formatLength(setup.stickOutMm, units),
  };
  const from = width - HOLDER;
  const art = (
    <G>
      <Path
        d={`${hatch(CHUCK, cy - R - wall, face - CHUCK, wall)}${hatch(CHUCK, cy + R, face - CHUCK, wall)}`}
        stroke={pen.line}
        strokeWidth={1}
      />
      <Rect
        x={-2}
        y={cy - R - wall - 14}
        width={CHUCK}
        height={14}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Rect
        x={-2}
        y={cy + R + wall}
        width={CHUCK}
        height={14}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path
        d={`M-2 ${cy - R - wall}H${face}V${cy - R}H${tipX}V${cy - R + depth}H-2M-2 ${cy + R + wall}H${face}V${cy + R}H${tipX}V${cy + R - depth}H-2`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Rect
        x={tipX + 6}
        y={barY - bar}
        width={from - tipX - 6}
        height={2 * bar}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path
        d={`M${tipX} ${cy + R}L${tipX + 3} ${barY - bar * 0.3}H${tipX + 22}V${barY + bar}L${tipX + 10} ${cy + R - 2}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
      <Rect
        x={from}
        y={barY - bar - 10}
        width={HOLDER + 2}
        height={2 * bar + 20}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Axis y={cy} from={4} to={width - 4} pen={pen} />
      <Path
        d={`M${face + 3} ${cy - R}H${face + 30}M${face + 3} ${cy + R}H${face + 30}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={face + 22} y1={cy - R} x2={face + 22} y2={cy + R} pen={pen} />
      <Path
        d={`M${tipX} ${cy - R - wall - 4}V24M${from} ${barY - bar - 14}V24`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={tipX} y1={28} x2={from} y2={28} pen={pen} />
      <Path
        d={`M${tipX - 14} ${cy + R - depth}V${cy + R - depth - 18}${arrowHead(tipX - 14, cy + R - depth, 0, 1)}M${tipX - 14} ${cy + R + 18}V${cy + R}${arrowHead(tipX - 14, cy + R, 0, -1)}`}
        stroke={pen.accent}
        strokeWidth={1.2}
        fill="none"
      />
      <FeedArrow from={[tipX + 86, height - 12]} to={[tipX + 24, height - 12]} pen={pen} />
      {plan.depth.beforeDiameterMm !== null && (
        <SideNote
          x={width - 12}
          y={height - 12}
          size={14}
          pen={pen}
        >{`⌀${joined(formatLength(plan.depth.beforeDiameterMm, units))} before`}</SideNote>
      )}
    </G>
  );
  return {
    art,
    says: `Boring to ⌀${joined(shown.d)}, ${joined(shown.ap)} deep, bar ${joined(shown.out)} out`,
    marks: [
      {
        key: 'diameter',
        x: face + 22,
        y: cy,
        anchor: 'middle',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Bore ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: tipX - 22,
        y: cy + R - depth - 24,
        anchor: 'right',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth ${joined(shown.ap)}`,
      },
      {
        key: 'stickOut',
        x: (tipX + from) / 2,
        y: 18,
        anchor: 'middle',
        figure: shown.out.figure,
        after: 'out',
        says: `Bar out of the holder ${joined(shown.out)}`,
      },
      feedMark(input, 6, height - 18, 'left'),
    ],
  };
}

export const bore: OperationSketch<BoringBar> = { draw };
