import { Axis } from './Axis';
import type { RotatingTool } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import type { ReactNode } from 'react';
import { G, Path } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import type { CutMark } from './cut-mark';
import { hatch, type SketchInput } from './drawing';

const TIP_ROOM = 72;

export const NOSE_ROOM = 40;

/** A cutter hanging from its collet over a block, seen along the feed. */
export interface Hanging {
  readonly scale: number;
  readonly R: number;
  readonly cx: number;
  readonly tip: number;
  readonly surface: number;
  readonly nose: number;
}

export function hangingOf(
  { setup, plan, width, height }: SketchInput<RotatingTool>,
  headShare = 0.3,
): Hanging {
  const d = setup.tool.diameterMm;
  const scale = Math.min(
    (height - TIP_ROOM - NOSE_ROOM) / Math.max(plan.depth.mm * 2.4, d * 0.8, 4),
    (width * headShare) / d,
    8,
  );
  const tip = height - TIP_ROOM;
  return {
    scale,
    R: (d / 2) * scale,
    cx: width * 0.4,
    tip,
    surface: tip - Math.min(plan.depth.mm * scale, tip - NOSE_ROOM - 20),
    nose: NOSE_ROOM,
  };
}

export function Collet({ at, shank, pen }: { at: Hanging; shank: number; pen: SketchInput['pen'] }) {
  const { cx, nose } = at;
  return (
    <G>
      <Path
        d={`M${cx - shank - 14} -2V${nose - 18}L${cx - shank - 4} ${nose}H${cx + shank + 4}L${cx + shank + 14} ${nose - 18}V-2`}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path d={hatch(cx - shank - 12, 0, 2 * shank + 24, nose - 18)} stroke={pen.line} strokeWidth={1} />
    </G>
  );
}

/** The depth beside the block and the diameter under the tip. */
export function Sizes({
  at,
  edge,
  pen,
  children,
}: {
  at: Hanging;
  edge: number;
  pen: SketchInput['pen'];
  children?: ReactNode;
}) {
  const { cx, R, tip, surface } = at;
  return (
    <G>
      <Axis x={cx} from={4} to={tip + 10} pen={pen} />
      <Path
        d={`M${cx - R} ${tip - 4}V${tip + 30}M${cx + R} ${tip - 4}V${tip + 30}M${edge} ${surface}H${edge + 24}M${cx + R} ${tip}H${edge + 24}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={cx - R} y1={tip + 24} x2={cx + R} y2={tip + 24} pen={pen} />
      <DimensionLine x1={edge + 16} y1={surface} x2={edge + 16} y2={tip} pen={pen} />
      {children}
    </G>
  );
}

export function sizesOf(input: SketchInput<RotatingTool>, at: Hanging, edge: number): CutMark[] {
  const { setup, plan, units, width } = input;
  const [d, ap] = [formatLength(setup.tool.diameterMm, units), formatLength(plan.depth.mm, units)];
  return [
    {
      key: 'diameter',
      x: at.cx,
      y: at.tip + 42,
      anchor: 'middle',
      figure: `⌀${d.figure}`,
      after: units === 'inch' ? 'in' : '',
      says: `Cutter diameter ${joined(d)}`,
    },
    {
      key: 'depth',
      x: Math.min(edge + 24, width - 108),
      y: (at.surface + at.tip) / 2,
      anchor: 'left',
      figure: ap.figure,
      after: 'deep',
      says: `Depth ${joined(ap)}`,
    },
  ];
}
