import type { FlyCutter } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { formatLength, joined } from '@pike-stone/words';
import { G, Path } from 'react-native-svg';
import { hatch, type Drawing, type SketchInput } from '../sketch/drawing';
import { feedMark } from '../sketch/feed-mark';
import { type Hanging, hangingOf, Collet, Sizes, sizesOf } from '../sketch/hanging';

/** A fly cutter: one bit on a long arm, over a broad face. */
function draw(input: SketchInput<FlyCutter>): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const at = hangingOf(input, 0.5);
  const { cx, R, tip, scale } = at;
  const deep = Math.max(4, Math.min(plan.depth.mm * scale, 30));
  const wide = Math.min((plan.depth.widthInUseMm ?? setup.tool.diameterMm) * scale, 2 * R * 0.98);
  const surface = tip - deep;
  const [left, right] = [cx - wide / 2, cx + wide / 2];
  const shown = formatLength(plan.depth.widthInUseMm ?? setup.tool.diameterMm, units);
  const arm = tip - 34;
  const hang: Hanging = { ...at, surface };
  const art = (
    <G>
      <Path d={hatch(left, tip, wide, Math.max(4, height - tip))} stroke={pen.line} strokeWidth={1} />
      <Path
        d={`M${left} ${height + 4}V${tip}H${right}V${height + 4}`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path
        d={`M${left} ${tip}V${surface}H${right}V${tip}`}
        stroke={pen.quiet}
        strokeWidth={1.1}
        strokeDasharray="6 4"
        fill="none"
      />
      <Collet at={hang} shank={14} pen={pen} />
      <Path
        d={`M${cx - 12} ${at.nose}V${arm - 16}H${cx - R + 2}V${arm}H${cx + R * 0.5}V${arm - 16}H${cx + 12}V${at.nose}`}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path
        d={`M${cx - R + 4} ${arm - 16}L${cx - R} ${tip}H${cx - R + 10}L${cx - R + 16} ${arm - 16}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.7}
      />
      <Path
        d={`M${cx + R} ${tip - 30}V${tip - 6}`}
        stroke={pen.quiet}
        strokeWidth={1}
        strokeDasharray="4 3"
      />
      <Sizes at={hang} edge={Math.max(right, cx + R) + 2} pen={pen} />
    </G>
  );
  return {
    art,
    says: `Fly-cutting ${joined(shown)} wide with a tip circle of ⌀${joined(formatLength(setup.tool.diameterMm, units))}`,
    marks: [
      ...sizesOf(input, hang, Math.max(right, cx + R) + 2),
      {
        key: 'width',
        x: width - 6,
        y: tip + 42,
        anchor: 'right',
        figure: shown.figure,
        after: 'wide',
        says: `Width ${joined(shown)}`,
      },
      feedMark(input, width - 8, 30, 'right'),
    ],
  };
}

export const flyCut: OperationSketch<FlyCutter> = { draw };
