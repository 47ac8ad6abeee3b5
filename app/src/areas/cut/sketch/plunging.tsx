import { bladeWidth, cutAngle, formatLength, joined } from '@pike-stone/core';
import { Path, Text as SvgText } from 'react-native-svg';
import { FONT } from '../../../theme/type';
import { arrowHead, DimensionLine } from './dimensions';
import type { Drawing, SketchInput } from './drawing';
import { along, PieceArt, pieceMarks, pieceOf } from './lathe-piece';
import { feedMark } from './turn';

const inward = (x: number, from: number, to: number): string =>
  `M${x} ${from}V${to}${arrowHead(x, to, 0, -1)}`;

/** A groove: the blade in its first go, the rest of the width ghosted. */
export function grooveDrawing(input: SketchInput): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end, scale } = piece;
  const blade = Math.max(5, Math.min(bladeWidth(setup) * scale, 46));
  const wide = Math.max(
    blade,
    Math.min((plan.depth.widthInUseMm ?? bladeWidth(setup)) * scale, (end - piece.jaw) * 0.5),
  );
  const depth = Math.max(4, Math.min(plan.depth.mm * scale, half * 0.8));
  const left = end - Math.max(34, (end - piece.jaw) * 0.2) - wide;
  const bottom = half - depth;
  const shown = {
    ap: formatLength(plan.depth.mm, units),
    w: formatLength(plan.depth.widthInUseMm ?? bladeWidth(setup), units),
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
      <Path
        d={inward(left + blade + 14, height - 10, cy + half + 6)}
        stroke={pen.accent}
        strokeWidth={1.4}
        fill="none"
      />
      <Path
        d={`M${left} ${cy - half - 2}V${cy - half - 16}M${left + wide} ${cy - half - 2}V${cy - half - 16}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={left} y1={cy - half - 10} x2={left + wide} y2={cy - half - 10} pen={pen} />
      <SvgText
        x={width - 10}
        y={height - 12}
        textAnchor="end"
        fontFamily={FONT.figures}
        fontSize={13}
        fill={pen.quiet}
      >{`blade ${joined(formatLength(bladeWidth(setup), units))}`}</SvgText>
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

/** A form tool, here with a round form, going in with its whole width. */
export function formDrawing(input: SketchInput): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end, scale, jaw } = piece;
  const wide = Math.max(20, Math.min(bladeWidth(setup) * scale, (end - jaw) * 0.5));
  const depth = Math.max(4, Math.min(plan.depth.mm * scale, half * 0.8));
  const left = end - Math.max(24, (end - jaw) * 0.18) - wide;
  const steps = Array.from({ length: 13 }, (_, i) => {
    const t = i / 12;
    return [left + wide * t, half - depth * Math.sin(Math.PI * t)] as const;
  });
  const edge = steps.map(([x, r]) => `L${x} ${cy + r}`).join('');
  const shown = { ap: formatLength(plan.depth.mm, units), w: formatLength(bladeWidth(setup), units) };
  const art = (
    <PieceArt
      input={input}
      piece={piece}
      outline={[...steps, [end, half]]}
      ghost={`M${left} ${cy - half}H${left + wide}M${left} ${cy + half}H${left + wide}`}
    >
      <Path
        d={`M${left - 5} ${height + 4}V${cy + half + 4}L${left} ${cy + half}${edge}L${left + wide + 5} ${cy + half + 4}V${height + 4}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
      <Path
        d={inward(left - 18, height - 8, cy + half + 6)}
        stroke={pen.accent}
        strokeWidth={1.4}
        fill="none"
      />
      <SvgText
        x={width - 10}
        y={height - 12}
        textAnchor="end"
        fontFamily={FONT.figures}
        fontSize={13}
        fill={pen.quiet}
      >{`form ${joined(shown.w)} wide`}</SvgText>
    </PieceArt>
  );
  return {
    art,
    says: `Form-turning ⌀${joined(formatLength(setup.workDiameterMm, units))}, a form ${joined(shown.w)} wide, ${joined(shown.ap)} deep`,
    marks: [
      ...pieceMarks(input, piece),
      {
        key: 'depth',
        x: Math.min(width - 84, left + wide + 12),
        y: Math.min(height - 40, cy + half + 24),
        anchor: 'left',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth of the form ${joined(shown.ap)}`,
      },
      feedMark(input, 6, height - 18, 'left'),
    ],
  };
}

/** A chamfer at the free end. */
export function chamferDrawing(input: SketchInput): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end } = piece;
  const size = Math.max(10, Math.min(along(piece, plan.depth.mm), half * 0.6));
  const angle = cutAngle(setup);
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
      <Path
        d={inward(ax - 26, height - 8, cy + half + 8)}
        stroke={pen.accent}
        strokeWidth={1.4}
        fill="none"
      />
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
