import type { TurningTool } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { taperHalfDeg, taperLengthMm, taperWay, smallEndMm } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { G, Line, Path } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import { toolOutline, type Drawing, type SketchInput } from '../sketch/drawing';
import { along, PieceArt, pieceMarks, pieceOf } from '../sketch/lathe-piece';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';
import { SideNote } from '../sketch/SideNote';

const WAY_WORDS = {
  compound: 'compound slide',
  'set-over': 'tailstock set over',
  'offset-head': 'offset head in the tailstock',
} as const;

/** A taper at the free end, small end outward, with the axis the tool follows. */
function draw(input: SketchInput<TurningTool>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end, scale, jaw } = piece;
  const way = taperWay(setup) as keyof typeof WAY_WORDS;
  const whole = way !== 'compound';
  const long = whole ? (end - jaw) * 0.8 : along(piece, taperLengthMm(setup));
  const small = Math.max(2, Math.min(half - 3, (smallEndMm(setup) / 2) * scale));
  const root = end - long;
  const at = root + long * 0.45;
  const radius = half - ((half - small) * (at - root)) / long;
  const angle = taperHalfDeg(setup);
  const shown = {
    L: formatLength(taperLengthMm(setup), units),
    ap: formatLength(plan.depth.mm, units),
    small: formatLength(smallEndMm(setup), units),
  };
  const degrees = `${Number(angle.toFixed(2))}°`;
  const below = Math.min(height - 10, cy + half + 36);
  const art = (
    <PieceArt
      input={input}
      piece={piece}
      outline={[
        [root, half],
        [end, small],
      ]}
      ghost={`M${root} ${cy - half}H${end}V${cy + half}H${root}`}
    >
      <Path
        d={toolOutline({
          tipX: at,
          tipY: cy + radius,
          noseR: setup.tool.noseRadiusMm * scale,
          approachDeg: setup.tool.approachDeg,
          cornerDeg: setup.tool.cornerDeg,
          edge: 34,
          shank: 40,
          length: height - cy - radius + 4,
        })}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.8}
        strokeLinejoin="round"
      />
      <Line
        x1={root - 30}
        y1={cy - half}
        x2={end + 26}
        y2={cy - half}
        stroke={pen.accent}
        strokeWidth={0.8}
        strokeDasharray="5 4"
      />
      <Path
        d={`M${root} ${cy - half}L${end + 22} ${cy - half + ((half - small) * (long + 22)) / long}`}
        stroke={pen.accent}
        strokeWidth={1}
        fill="none"
      />
      <Path
        d={`M${root} ${cy + half + 4}V${below + 4}M${end} ${cy + small + 4}V${below + 4}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={root} y1={below} x2={end} y2={below} pen={pen} />
      <SideNote x={width - 10} y={height - 12} pen={pen}>{`⌀${joined(shown.small)} small end`}</SideNote>
      <G>{whole && <FeedArrow from={[end + 16, cy - 18]} to={[end + 16, cy + 18]} pen={pen} />}</G>
    </PieceArt>
  );
  return {
    art,
    says: `Taper of ${degrees} half angle, ${joined(shown.L)} long, from ⌀${joined(formatLength(setup.workDiameterMm, units))} to ⌀${joined(shown.small)}, by ${WAY_WORDS[way]}`,
    marks: [
      ...pieceMarks(input, piece, whole ? 'between' : 'out'),
      {
        key: 'angle',
        x: Math.max(40, root - 34),
        y: Math.max(62, cy - half + 20),
        anchor: 'middle',
        figure: degrees,
        after: '',
        says: `Half angle ${degrees}`,
      },
      {
        key: 'length',
        x: Math.min(end + 8, width - 112),
        y: below,
        anchor: 'left',
        figure: shown.L.figure,
        after: 'long',
        says: `Length of the taper ${joined(shown.L)}`,
      },
      {
        key: 'depth',
        x: Math.max(100, root - 8),
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

export const taper: OperationSketch<TurningTool> = { draw };
