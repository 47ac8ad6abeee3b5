import type { TurningTool } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { shoulderLengthMm } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { Path } from 'react-native-svg';
import { toolOutline, type Drawing, type SketchInput } from '../sketch/drawing';
import { along, PieceArt, pieceMarks, pieceOf } from '../sketch/lathe-piece';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';
import { LengthBelow } from '../sketch/LengthBelow';
import { SideNote } from '../sketch/SideNote';

/** Turning up to a shoulder: the tool half way along, its length from the free end. */
function draw(input: SketchInput<TurningTool>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end, scale } = piece;
  const long = along(piece, shoulderLengthMm(setup));
  const depth = Math.max(3, Math.min(plan.depth.mm * scale, half * 0.6));
  const [root, tip] = [end - long, end - long * 0.5];
  const finished = cy + half - depth;
  const shown = { L: formatLength(shoulderLengthMm(setup), units), ap: formatLength(plan.depth.mm, units) };
  const below = Math.min(height - 10, cy + half + 34);
  const art = (
    <PieceArt
      input={input}
      piece={piece}
      outline={[
        [tip, half],
        [tip, half - depth],
        [end, half - depth],
      ]}
      ghost={`M${root} ${cy - half}V${cy - half + depth}H${tip}M${root} ${cy + half}V${finished}H${tip}`}
    >
      <Path
        d={toolOutline({
          tipX: tip,
          tipY: finished,
          noseR: setup.tool.noseRadiusMm * scale,
          approachDeg: setup.tool.approachDeg,
          cornerDeg: setup.tool.cornerDeg,
          edge: 36 + depth,
          shank: 44,
          length: height - finished + 4,
        })}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.8}
        strokeLinejoin="round"
      />
      <LengthBelow x1={root} x2={end} edge={cy + half} y={below} pen={pen} />
      <FeedArrow from={[root - 12, height - 14]} to={[root - 62, height - 14]} pen={pen} />
      {plan.depth.afterDiameterMm !== null && (
        <SideNote
          x={width - 6}
          y={height - 12}
          pen={pen}
        >{`⌀${formatLength(plan.depth.afterDiameterMm, units).figure} after`}</SideNote>
      )}
    </PieceArt>
  );
  return {
    art,
    says: `Turning ⌀${joined(formatLength(setup.workDiameterMm, units))} to a shoulder ${joined(shown.L)} from the end, ${joined(shown.ap)} deep`,
    marks: [
      ...pieceMarks(input, piece),
      {
        key: 'length',
        x: Math.min(end + 8, width - 112),
        y: below,
        anchor: 'left',
        figure: shown.L.figure,
        after: 'long',
        says: `Length to the shoulder ${joined(shown.L)}`,
      },
      {
        key: 'depth',
        x: Math.max(96, root - 10),
        y: Math.min(height - 36, cy + half + 38),
        anchor: 'right',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth ${joined(shown.ap)}`,
      },
      feedMark(input, 6, height - 16, 'left'),
    ],
  };
}

export const shoulder: OperationSketch<TurningTool> = { draw };
