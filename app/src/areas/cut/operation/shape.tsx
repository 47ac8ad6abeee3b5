import type { TurningTool } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { strokeLength } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { G, Line, Path, Rect } from 'react-native-svg';
import { arrowHead, DimensionLine } from '../../../kit/drawing/dimensions';
import { hatch, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { SideNote } from '../sketch/SideNote';

/** Shaping from the side: the tool in its clapper half way over the work, the stroke beyond both ends. */
function draw(input: SketchInput<TurningTool>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const long = setup.workDiameterMm;
  const stroke = strokeLength(setup.machine, long);
  const scale = Math.min((width - 70) / Math.max(stroke, long), 4);
  const [L, S] = [long * scale, stroke * scale];
  const [before, after] = [Math.max(0, S - L) * (2 / 3), Math.max(0, S - L) / 3];
  const x1 = (width - L) / 2 + (before - after) / 2;
  const surface = height * 0.56;
  // At the scale of the stroke the depth would not be seen, so it is drawn at least this deep.
  const depth = Math.min(30, Math.max(7, plan.depth.mm * scale));
  const cut = surface + depth;
  const tip = x1 + L * 0.52;
  const low = height - 44;
  const shown = {
    long: formatLength(long, units),
    ap: formatLength(plan.depth.mm, units),
    wide: formatLength(plan.depth.widthInUseMm ?? 0, units),
    stroke: formatLength(stroke, units),
  };
  const art = (
    <G>
      <Path d={hatch(x1, cut + 4, L, Math.max(8, low - cut - 4))} stroke={pen.line} strokeWidth={1} />
      <Path
        d={`M${x1} ${low}V${cut}H${tip}V${surface}H${x1 + L}V${low}Z`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path
        d={`M${x1} ${cut}V${surface}H${tip}`}
        stroke={pen.quiet}
        strokeWidth={1.1}
        strokeDasharray="6 4"
        fill="none"
      />
      <Rect
        x={tip - 12}
        y={-2}
        width={26}
        height={surface - 66}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path
        d={`M${tip - 12} ${surface - 68}h26l-4 26h-22z`}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path
        d={`M${tip - 8} ${surface - 44}h15V${cut - 16}L${tip} ${cut}L${tip - 4} ${cut - 14}L${tip - 8} ${cut - 26}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
      <Path
        d={`M${tip + 34} ${surface - 34}h52${arrowHead(tip + 86, surface - 34, 1, 0)}`}
        stroke={pen.ink}
        strokeWidth={1.4}
        fill="none"
      />
      <Path
        d={`M${x1 - before} ${low + 4}v18M${x1 + L + after} ${low + 4}v18`}
        stroke={pen.line}
        strokeWidth={1}
      />
      <Line
        x1={x1 - before}
        x2={x1 + L + after}
        y1={surface - 14}
        y2={surface - 14}
        stroke={pen.quiet}
        strokeWidth={1}
        strokeDasharray="3 5"
      />
      <Path d={`M${x1} ${low + 4}v22M${x1 + L} ${low + 4}v22`} stroke={pen.accent} strokeWidth={0.8} />
      <DimensionLine x1={x1} y1={low + 20} x2={x1 + L} y2={low + 20} pen={pen} />
      <Path
        d={`M${x1 - 4} ${surface}h-16M${x1 - 4} ${cut}h-16M${x1 - 14} ${surface - 18}V${surface}${arrowHead(x1 - 14, surface, 0, 1)}M${x1 - 14} ${cut + 18}V${cut}${arrowHead(x1 - 14, cut, 0, -1)}`}
        stroke={pen.accent}
        strokeWidth={1.1}
        fill="none"
      />
      <SideNote x={width - 10} y={18} size={14} pen={pen}>{`stroke ${joined(shown.stroke)}`}</SideNote>
    </G>
  );
  return {
    art,
    says: `Shaping ${joined(shown.long)} long, ${joined(shown.ap)} deep, stroke ${joined(shown.stroke)}`,
    marks: [
      {
        key: 'diameter',
        x: x1 + L / 2,
        y: low + 22,
        anchor: 'middle',
        figure: shown.long.figure,
        after: 'long',
        says: `Length of the work ${joined(shown.long)}`,
      },
      {
        key: 'depth',
        x: 6,
        y: surface - 34,
        anchor: 'left',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth ${joined(shown.ap)}`,
      },
      {
        key: 'width',
        x: 6,
        y: 66,
        anchor: 'left',
        figure: shown.wide.figure,
        after: 'wide',
        says: `Width of the face ${joined(shown.wide)}`,
      },
      feedMark(input, 6, 24, 'left'),
    ],
  };
}

export const shape: OperationSketch<TurningTool> = { draw };
