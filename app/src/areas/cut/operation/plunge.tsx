import type { EndMill } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path, Rect } from 'react-native-svg';
import { arrowHead } from '../../../kit/drawing/dimensions';
import { hatch, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { hangingOf, Collet, Sizes, sizesOf } from '../sketch/hanging';

/** An end mill straight down, into a hole of its own. */
function draw(input: SketchInput<EndMill>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const at = hangingOf(input);
  const { cx, R, tip, surface } = at;
  const edge = width * 0.68;
  const out = formatLength(setup.stickOutMm, units);
  const art = (
    <G>
      <Path
        d={`${hatch(12, surface, cx - R - 12, height - surface)}${hatch(cx + R, surface, edge - cx - R, height - surface)}`}
        stroke={pen.line}
        strokeWidth={1}
      />
      <Path
        d={`M12 ${height + 4}V${surface}H${cx - R}V${tip}H${cx + R}V${surface}H${edge}V${height + 4}`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Collet at={at} shank={R} pen={pen} />
      <Rect
        x={cx - R}
        y={at.nose}
        width={2 * R}
        height={tip - at.nose}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.7}
      />
      <Path
        d={`M${cx - R} ${tip - R}L${cx + R} ${tip - 2 * R}M${cx - R} ${tip - 2.2 * R}L${cx + R} ${tip - 3.2 * R}`}
        stroke={pen.ink}
        strokeWidth={1}
      />
      <Path
        d={`M${cx - R - 22} ${at.nose + 8}V${surface - 8}${arrowHead(cx - R - 22, Math.max(at.nose + 12, surface - 8), 0, 1)}`}
        stroke={pen.accent}
        strokeWidth={1.4}
        fill="none"
      />
      <Sizes at={at} edge={edge} pen={pen} />
    </G>
  );
  return {
    art,
    says: `Plunging ⌀${joined(formatLength(setup.tool.diameterMm, units))}, ${joined(formatLength(plan.depth.mm, units))} before the chips are lifted`,
    marks: [
      ...sizesOf(input, at, edge),
      {
        key: 'stickOut',
        x: width - 8,
        y: 24,
        anchor: 'right',
        figure: out.figure,
        after: 'out',
        says: `Out of the collet ${joined(out)}`,
      },
      feedMark(input, width - 8, 60, 'right'),
    ],
  };
}

export const plunge: OperationSketch<EndMill> = { draw };
