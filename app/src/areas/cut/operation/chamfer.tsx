import type { TurningTool } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { chamferDeg } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { Path } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import type { Drawing, SketchInput } from '../sketch/drawing';
import { along, PieceArt, pieceMarks, pieceOf } from '../sketch/lathe-piece';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';

/** A chamfer at the free end. */
function draw(input: SketchInput<TurningTool>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end } = piece;
  const size = Math.max(10, Math.min(along(piece, plan.depth.mm), half * 0.6));
  const angle = chamferDeg(setup);
  const run = Math.min(size / Math.tan((angle * Math.PI) / 180), (end - piece.jaw) * 0.5);
  const shown = formatLength(plan.depth.mm, units);
  const [ax, ay, bx, by] = [end - run, cy + half, end, cy + half - size];
  const art = (
    <PieceArt
      input={input}
      piece={piece}
      outline={[
        [end - run, half],
        [end, half - size],
      ]}
      ghost={`M${end - run} ${cy - half}H${end}V${cy - half + size}M${end - run} ${cy + half}H${end}V${cy + half - size}`}
    >
      <Path
        d={`M${ax - 12} ${ay + (12 * size) / run}L${bx + 10} ${by - (10 * size) / run}L${bx + 34} ${by + 26}V${height + 4}H${ax + 8}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.7}
        strokeLinejoin="round"
      />
      <FeedArrow from={[ax - 26, height - 8]} to={[ax - 26, cy + half + 8]} pen={pen} />
      <Path
        d={`M${end - run} ${cy - half - 2}V${cy - half - 16}M${end} ${cy - half - 2}V${cy - half - 16}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={end - run} y1={cy - half - 10} x2={end} y2={cy - half - 10} pen={pen} />
    </PieceArt>
  );
  return {
    art,
    says: `Chamfer of ${joined(shown)} at ${Math.round(angle)}° on ⌀${joined(formatLength(setup.workDiameterMm, units))}`,
    marks: [
      ...pieceMarks(input, piece),
      {
        key: 'depth',
        x: Math.max(56, end - run - 8),
        y: cy - half + 16,
        anchor: 'right',
        figure: shown.figure,
        after: 'chamfer',
        says: `Size of the chamfer ${joined(shown)}`,
      },
      {
        key: 'angle',
        x: Math.min(width - 54, bx + 58),
        y: Math.min(height - 30, cy + half + 20),
        anchor: 'middle',
        figure: `${Number(angle.toFixed(1))}°`,
        after: '',
        says: `Angle ${Number(angle.toFixed(1))} degrees from the axis`,
      },
      feedMark(input, 6, height - 18, 'left'),
    ],
  };
}

export const chamfer: OperationSketch<TurningTool> = { draw };
