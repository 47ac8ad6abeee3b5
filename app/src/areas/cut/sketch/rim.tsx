import { cutLength, cutPitch, formatLength, joined, threadOf } from '@pike-stone/core';
import { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import { FONT } from '../../../theme/type';
import { arrowHead, DimensionLine, type DimensionMark } from './dimensions';
import type { Drawing, SketchInput } from './drawing';
import { along, PieceArt, pieceMarks, pieceOf } from './lathe-piece';
import { feedMark } from './turn';

/** A pitch is drawn so that its teeth can be told apart, whatever its scale. */
const TEETH_SHOWN = 14;

const pitchMark = (
  input: SketchInput,
  x: number,
  y: number,
  anchor: DimensionMark['anchor'] = 'right',
): DimensionMark => {
  const { units, setup } = input;
  const mm = cutPitch(setup);
  const shown = formatLength(mm, units);
  // Inch threads are known by their number, not by their pitch.
  const perInch = units === 'inch' && setup.operation === 'thread';
  const tpi = Number((25.4 / mm).toFixed(1));
  return {
    key: 'pitch',
    x,
    y,
    anchor,
    figure: perInch ? String(tpi) : shown.figure,
    after: perInch ? 'tpi' : 'pitch',
    says: perInch ? `${tpi} threads to the inch` : `Pitch ${joined(shown)}`,
  };
};

/** A thread outside, or inside in section: teeth of the true flank angle, the tool in its groove. */
export function threadDrawing(input: SketchInput): Drawing {
  const { setup, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end } = piece;
  const t = threadOf(setup);
  const long = along(piece, cutLength(setup));
  const count = Math.max(4, Math.min(TEETH_SHOWN, Math.round(cutLength(setup) / t.pitchMm)));
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
    L: formatLength(cutLength(setup), units),
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
      <Path
        d={`M${root} ${cy + half + 4}V${below + 4}M${end} ${cy + half + 4}V${below + 4}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={root} y1={below} x2={end} y2={below} pen={pen} />
      <Path
        d={`M${root - 16} ${height - 14}H${root - 64}${arrowHead(root - 64, height - 14, -1, 0)}`}
        stroke={pen.accent}
        strokeWidth={1.4}
        fill="none"
      />
      <SvgText
        x={width - 8}
        y={height - 30}
        textAnchor="end"
        fontFamily={FONT.figures}
        fontSize={13}
        fill={pen.quiet}
      >{`${2 * t.halfDeg}° ${t.inside ? 'inside' : 'outside'}`}</SvgText>
      <SvgText
        x={width - 8}
        y={height - 12}
        textAnchor="end"
        fontFamily={FONT.figures}
        fontSize={13}
        fill={pen.quiet}
      >{`${joined(shown.h)} deep`}</SvgText>
    </PieceArt>
  );
  return {
    art,
    says: `Thread ${t.inside ? 'inside ' : ''}⌀${joined(shown.d)}, pitch ${joined(formatLength(t.pitchMm, units))}, ${joined(shown.h)} deep, ${joined(shown.L)} long`,
    marks: [
      ...pieceMarks(input, piece),
      pitchMark(input, root + long / 2, Math.max(60, cy - Math.max(14, half * 0.42)), 'middle'),
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

/** A knurl: diamonds on the rim, the rollers pressed against it. */
export function knurlDrawing(input: SketchInput): Drawing {
  const { setup, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end } = piece;
  const long = along(piece, setup.stickOutMm * 0.6);
  const root = end - long;
  const step = Math.max(7, Math.min(13, cutPitch(setup) * piece.scale));
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
      <Path
        d={`M${wheelX - wheel - 12} ${height - 14}H${wheelX - wheel - 56}${arrowHead(wheelX - wheel - 56, height - 14, -1, 0)}`}
        stroke={pen.accent}
        strokeWidth={1.4}
        fill="none"
      />
    </PieceArt>
  );
  return {
    art,
    says: `Knurling ⌀${joined(shown)} with a pitch of ${joined(formatLength(cutPitch(setup), units))}`,
    marks: [
      ...pieceMarks(input, piece),
      pitchMark(input, Math.min(width - 8, end + 90), Math.min(height - 40, cy + half + 26)),
      feedMark(input, 6, height - 36, 'left'),
    ],
  };
}

/** A file across the work, handle toward the chuck hand. */
export function fileDrawing(input: SketchInput): Drawing {
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
      <Path
        d={`M${x - 16} ${cy + half + 22}V${cy - half + 4}${arrowHead(x - 16, cy - half + 4, 0, -1)}`}
        stroke={pen.accent}
        strokeWidth={1.4}
        fill="none"
      />
    </PieceArt>
  );
  return {
    art,
    says: `Filing ⌀${joined(shown)}`,
    marks: [...pieceMarks(input, piece), feedMark(input, 6, height - 18, 'left')],
  };
}
