import type { HandFile } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { formatLength, joined } from '@pike-stone/words';
import { Path } from 'react-native-svg';
import type { Drawing, SketchInput } from '../sketch/drawing';
import { PieceArt, pieceMarks, pieceOf } from '../sketch/lathe-piece';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';

/** A file across the work, its handle toward the chuck. */
function draw(input: SketchInput<HandFile>): Drawing {
  const { setup, units, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end, jaw } = piece;
  const x = jaw + (end - jaw) * 0.45;
  const shown = formatLength(setup.workDiameterMm, units);
  let cuts = '';
  for (let y = cy - half - 4; y < cy + half + 22; y += 7) cuts += `M${x} ${y}l26 8`;
  const art = (
    <PieceArt input={input} piece={piece} outline={[[end, half]]}>
      <Path
        d={`M${x} ${cy - half - 12}H${x + 26}V${cy + half + 30}H${x}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.7}
      />
      <Path d={cuts} stroke={pen.line} strokeWidth={1.2} />
      <Path
        d={`M${x + 9} ${cy + half + 30}L${x + 7} ${height + 4}M${x + 17} ${cy + half + 30}L${x + 19} ${height + 4}`}
        stroke={pen.ink}
        strokeWidth={1.8}
      />
      <FeedArrow from={[x - 16, cy + half + 22]} to={[x - 16, cy - half + 4]} pen={pen} />
    </PieceArt>
  );
  return {
    art,
    says: `Filing ⌀${joined(shown)}`,
    marks: [...pieceMarks(input, piece), feedMark(input, 6, height - 18, 'left')],
  };
}

export const file: OperationSketch<HandFile> = { draw };
