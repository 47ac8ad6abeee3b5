import type { PartingBlade } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { bladeWidthMm } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { Path } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import type { Drawing, SketchInput } from '../sketch/drawing';
import { PieceArt, pieceMarks, pieceOf } from '../sketch/lathe-piece';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';
import { SideNote } from '../sketch/SideNote';

/** A groove: the blade in its first plunge, the rest of the width drawn thin. */
function draw(input: SketchInput<PartingBlade>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end, scale } = piece;
  const blade = Math.max(5, Math.min(bladeWidthMm(setup) * scale, 46));
  const wide = Math.max(
    blade,
    Math.min((plan.depth.widthInUseMm ?? bladeWidthMm(setup)) * scale, (end - piece.jaw) * 0.5),
  );
  const depth = Math.max(4, Math.min(plan.depth.mm * scale, half * 0.8));
  const left = end - Math.max(34, (end - piece.jaw) * 0.2) - wide;
  const bottom = half - depth;
  const shown = {
    ap: formatLength(plan.depth.mm, units),
    w: formatLength(plan.depth.widthInUseMm ?? bladeWidthMm(setup), units),
  };
  const art = (
    <PieceArt
      input={input}
      piece={piece}
      outline={[
        [left, half],
        [left, bottom],
        [left + wide, bottom],
        [left + wide, half],
        [end, half],
      ]}
    >
      <Path
        d={`M${left} ${cy + bottom}H${left + blade}L${left + blade - 1} ${height + 4}H${left + 1}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <FeedArrow from={[left + blade + 14, height - 10]} to={[left + blade + 14, cy + half + 6]} pen={pen} />
      <Path
        d={`M${left} ${cy - half - 2}V${cy - half - 16}M${left + wide} ${cy - half - 2}V${cy - half - 16}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={left} y1={cy - half - 10} x2={left + wide} y2={cy - half - 10} pen={pen} />
      <SideNote
        x={width - 10}
        y={height - 12}
        pen={pen}
      >{`blade ${joined(formatLength(bladeWidthMm(setup), units))}`}</SideNote>
    </PieceArt>
  );
  return {
    art,
    says: `Grooving ⌀${joined(formatLength(setup.workDiameterMm, units))}, ${joined(shown.w)} wide and ${joined(shown.ap)} deep`,
    marks: [
      ...pieceMarks(input, piece),
      {
        key: 'width',
        x: Math.max(56, left - 6),
        y: cy - half + 16,
        anchor: 'right',
        figure: shown.w.figure,
        after: 'wide',
        says: `Width of the groove ${joined(shown.w)}`,
      },
      {
        key: 'depth',
        x: left + blade + 20,
        y: Math.min(height - 40, cy + half + 26),
        anchor: 'left',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth ${joined(shown.ap)}`,
      },
      feedMark(input, 6, height - 18, 'left'),
    ],
  };
}

export const groove: OperationSketch<PartingBlade> = { draw };
