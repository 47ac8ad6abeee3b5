import type { FormTool } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { formWidthMm } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { Path } from 'react-native-svg';
import type { Drawing, SketchInput } from '../sketch/drawing';
import { PieceArt, pieceMarks, pieceOf } from '../sketch/lathe-piece';
import { feedMark } from '../sketch/feed-mark';
import { FeedArrow } from '../sketch/FeedArrow';
import { SideNote } from '../sketch/SideNote';

/** A form tool with a round form, fed in with its whole width. */
function draw(input: SketchInput<FormTool>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const piece = pieceOf(input);
  const { cy, half, end, scale, jaw } = piece;
  const wide = Math.max(20, Math.min(formWidthMm(setup) * scale, (end - jaw) * 0.5));
  const depth = Math.max(4, Math.min(plan.depth.mm * scale, half * 0.8));
  const left = end - Math.max(24, (end - jaw) * 0.18) - wide;
  const steps = Array.from({ length: 13 }, (_, i) => {
    const t = i / 12;
    return [left + wide * t, half - depth * Math.sin(Math.PI * t)] as const;
  });
  const edge = steps.map(([x, r]) => `L${x} ${cy + r}`).join('');
  const shown = { ap: formatLength(plan.depth.mm, units), w: formatLength(formWidthMm(setup), units) };
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
      <FeedArrow from={[left - 18, height - 8]} to={[left - 18, cy + half + 6]} pen={pen} />
      <SideNote x={width - 10} y={height - 12} pen={pen}>{`form ${joined(shown.w)} wide`}</SideNote>
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

export const form: OperationSketch<FormTool> = { draw };
