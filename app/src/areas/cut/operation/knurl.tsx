import type { KnurlingTool } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { knurlPitchMm } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { Circle, G, Line, Path } from 'react-native-svg';
import type { Drawing, SketchInput } from '../sketch/drawing';
import { along, PieceArt, pieceMarks, pieceOf } from '../sketch/lathe-piece';
import { feedMark } from '../sketch/feed-mark';
import { pitchMark } from '../sketch/pitch-mark';
import { FeedArrow } from '../sketch/FeedArrow';

/** A knurl: diamonds on the rim, the rollers pressed against it. */
function draw(input: SketchInput<KnurlingTool>): Drawing {
  const { setup, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end } = piece;
  const long = along(piece, setup.stickOutMm * 0.6);
  const root = end - long;
  const step = Math.max(7, Math.min(13, knurlPitchMm(setup) * piece.scale));
  let lines = '';
  for (let x = root - 2 * half; x < end; x += step) {
    for (const way of [1, -1]) {
      // Each line of the diamond, cut off at the two ends of the knurl.
      const [x1, x2] = [Math.max(root, x), Math.min(end, x + 2 * half)];
      if (x2 > x1) lines += `M${x1} ${cy - way * (half - (x1 - x))}L${x2} ${cy - way * (half - (x2 - x))}`;
    }
  }
  const wheel = Math.max(14, Math.min(24, (height - cy - half) * 0.4));
  const wheelX = root + long * 0.55;
  const shown = formatLength(setup.workDiameterMm, units);
  const art = (
    <PieceArt input={input} piece={piece} outline={[[end, half]]}>
      <Path d={lines} stroke={pen.ink} strokeWidth={0.9} />
      <Line x1={root} x2={root} y1={cy - half} y2={cy + half} stroke={pen.ink} strokeWidth={1.2} />
      <G>
        <Path
          d={`M${wheelX - 9} ${height + 4}V${cy + half + wheel}H${wheelX + 9}V${height + 4}`}
          fill={pen.sheet}
          stroke={pen.ink}
          strokeWidth={1.6}
        />
        <Circle
          cx={wheelX}
          cy={cy + half + wheel}
          r={wheel}
          fill={pen.wash}
          stroke={pen.ink}
          strokeWidth={1.8}
        />
        <Circle cx={wheelX} cy={cy + half + wheel} r={3} fill={pen.ink} />
      </G>
      <FeedArrow
        from={[wheelX - wheel - 12, height - 14]}
        to={[wheelX - wheel - 56, height - 14]}
        pen={pen}
      />
    </PieceArt>
  );
  return {
    art,
    says: `Knurling ⌀${joined(shown)} with a pitch of ${joined(formatLength(knurlPitchMm(setup), units))}`,
    marks: [
      ...pieceMarks(input, piece),
      pitchMark(
        input,
        knurlPitchMm(setup),
        false,
        Math.min(width - 8, end + 90),
        Math.min(height - 40, cy + half + 26),
      ),
      feedMark(input, 6, height - 36, 'left'),
    ],
  };
}

export const knurl: OperationSketch<KnurlingTool> = { draw };
