import type { ThreadingTool } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { threadLengthMm, threadOf } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { Path } from 'react-native-svg';
import type { Drawing, SketchInput } from '../sketch/drawing';
import { along, PieceArt, pieceMarks, pieceOf } from '../sketch/lathe-piece';
import { feedMark } from '../sketch/feed-mark';
import { TEETH_SHOWN, pitchMark } from '../sketch/pitch-mark';
import { FeedArrow } from '../sketch/FeedArrow';
import { LengthBelow } from '../sketch/LengthBelow';
import { SideNote } from '../sketch/SideNote';

/** A thread outside, or inside in section: teeth of the true flank angle, the tool in its groove. */
function draw(input: SketchInput<ThreadingTool>): Drawing {
  const { setup, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end } = piece;
  const t = threadOf(setup);
  const long = along(piece, threadLengthMm(setup));
  const count = Math.max(4, Math.min(TEETH_SHOWN, Math.round(threadLengthMm(setup) / t.pitchMm)));
  const pitch = long / count;
  const deep = Math.min(half * 0.45, pitch / 2 / Math.tan((t.halfDeg * Math.PI) / 180));
  const root = end - long;
  const tooth = Array.from(
    { length: count },
    (_, i) =>
      [
        [root + i * pitch, half],
        [root + (i + 0.5) * pitch, half - deep],
      ] as const,
  ).flat();
  const at = root + (Math.floor(count / 2) + 0.5) * pitch;
  const lean = (reach: number): number => reach * Math.tan((t.halfDeg * Math.PI) / 180);
  const bottom = height + 4;
  const below = Math.min(height - 12, cy + half + 30);
  const shown = {
    L: formatLength(threadLengthMm(setup), units),
    h: formatLength(t.depthMm, units),
    d: formatLength(setup.workDiameterMm, units),
  };
  const art = (
    <PieceArt
      input={input}
      piece={piece}
      outline={[...tooth, [end, half]]}
      ghost={t.inside ? '' : `M${root} ${cy - half + deep}H${end}M${root} ${cy + half - deep}H${end}`}
    >
      <Path
        d={`M${at} ${cy + half - deep}L${at + lean(26)} ${cy + half - deep + 26}V${bottom}H${at - lean(26)}V${cy + half - deep + 26}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.7}
        strokeLinejoin="round"
      />
      <LengthBelow x1={root} x2={end} edge={cy + half} y={below} pen={pen} />
      <FeedArrow from={[root - 16, height - 14]} to={[root - 64, height - 14]} pen={pen} />
      <SideNote
        x={width - 8}
        y={height - 30}
        pen={pen}
      >{`${2 * t.halfDeg}° ${t.inside ? 'inside' : 'outside'}`}</SideNote>
      <SideNote x={width - 8} y={height - 12} pen={pen}>{`${joined(shown.h)} deep`}</SideNote>
    </PieceArt>
  );
  return {
    art,
    says: `Thread ${t.inside ? 'inside ' : ''}⌀${joined(shown.d)}, pitch ${joined(formatLength(t.pitchMm, units))}, ${joined(shown.h)} deep, ${joined(shown.L)} long`,
    marks: [
      ...pieceMarks(input, piece),
      pitchMark(
        input,
        t.pitchMm,
        true,
        root + long / 2,
        Math.max(60, cy - Math.max(14, half * 0.42)),
        'middle',
      ),
      {
        key: 'length',
        x: Math.min(end + 6, width - 112),
        y: Math.min(height - 50, below),
        anchor: 'left',
        figure: shown.L.figure,
        after: 'long',
        says: `Length of the thread ${joined(shown.L)}`,
      },
      feedMark(input, 4, height - 36, 'left'),
    ],
  };
}

export const thread: OperationSketch<ThreadingTool> = { draw };
