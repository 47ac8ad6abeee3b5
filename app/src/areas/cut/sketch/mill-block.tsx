import { cutAngle, formatLength, joined } from '@pike-stone/core';
import type { ReactNode } from 'react';
import { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FONT } from '../../../theme/type';
import { arrowHead, DimensionLine, type DimensionMark } from './dimensions';
import { hatch, type Drawing, type SketchInput } from './drawing';
import { feedMark } from './turn';

const TIP_ROOM = 72;
const NOSE_ROOM = 40;

/** A cutter hanging from its collet over a block, seen along the feed. */
interface Hanging {
  readonly scale: number;
  readonly R: number;
  readonly cx: number;
  readonly tip: number;
  readonly surface: number;
  readonly nose: number;
}

function hangingOf({ setup, plan, width, height }: SketchInput, headShare = 0.3): Hanging {
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

function Collet({ at, shank, pen }: { at: Hanging; shank: number; pen: SketchInput['pen'] }) {
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
function Sizes({
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
      <Line
        x1={cx}
        x2={cx}
        y1={4}
        y2={tip + 10}
        stroke={pen.quiet}
        strokeWidth={1}
        strokeDasharray="14 3 2 3"
      />
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

function sizesOf(input: SketchInput, at: Hanging, edge: number): DimensionMark[] {
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

/** An end mill straight down, into a hole of its own. */
export function plungeDrawing(input: SketchInput): Drawing {
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

/** Ramping, seen from the side: the floor slopes from the surface down to the depth. */
export function rampDrawing(input: SketchInput): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const d = setup.tool.diameterMm;
  const angle = cutAngle(setup);
  const run = plan.depth.mm / Math.tan((angle * Math.PI) / 180);
  const scale = Math.min((height - 120) / Math.max(plan.depth.mm * 2.5, 4), (width * 0.52) / (run + d), 8);
  const [R, deep] = [(d / 2) * scale, Math.min(plan.depth.mm * scale, height - 150)];
  const tip = height - 62;
  const surface = tip - deep;
  const [x2, slope] = [Math.max(60 + 2 * R, width * 0.64), Math.min(run * scale, width * 0.64 - 40 - R)];
  const x0 = Math.max(20, x2 - slope - R);
  const cx = x2 - R;
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(plan.depth.mm, units),
    run: formatLength(Math.round(run), units),
  };
  const at: Hanging = { scale, R, cx, tip, surface, nose: NOSE_ROOM };
  const art = (
    <G>
      <Path d={hatch(8, tip, width * 0.76, Math.max(4, height - tip))} stroke={pen.line} strokeWidth={1} />
      <Path
        d={`M8 ${height + 4}V${surface}H${x0}L${cx - R} ${tip}H${x2}V${surface}H${width * 0.78}V${height + 4}`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Collet at={at} shank={R} pen={pen} />
      <Rect
        x={cx - R}
        y={NOSE_ROOM}
        width={2 * R}
        height={tip - NOSE_ROOM}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.7}
      />
      <Path
        d={`M${Math.max(x0, cx - R - 70)} ${surface - 26}l44 ${Math.min(18, 44 * Math.tan((angle * Math.PI) / 180) + 4)}${arrowHead(Math.max(x0, cx - R - 70) + 44, surface - 26 + Math.min(18, 44 * Math.tan((angle * Math.PI) / 180) + 4), 0.95, 0.3)}`}
        stroke={pen.accent}
        strokeWidth={1.4}
        fill="none"
      />
      <Path
        d={`M${x2 + 4} ${tip}H${width * 0.78 + 20}M${width * 0.78 + 2} ${surface}h18`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={width * 0.78 + 12} y1={surface} x2={width * 0.78 + 12} y2={tip} pen={pen} />
      <SvgText
        x={10}
        y={height - 10}
        fontFamily={FONT.figures}
        fontSize={13}
        fill={pen.quiet}
      >{`${joined(shown.run)} to get down`}</SvgText>
    </G>
  );
  return {
    art,
    says: `Ramping down ${joined(shown.ap)} at ${Number(angle.toFixed(1))}°, over ${joined(shown.run)}`,
    marks: [
      {
        key: 'diameter',
        x: Math.min(cx, width - 150),
        y: tip + 24,
        anchor: 'middle',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Cutter diameter ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: width - 6,
        y: tip + 24,
        anchor: 'right',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth ${joined(shown.ap)}`,
      },
      {
        key: 'angle',
        x: 34,
        y: Math.max(26, surface - 32),
        anchor: 'middle',
        figure: `${Number(angle.toFixed(1))}°`,
        after: '',
        says: `Slope ${Number(angle.toFixed(1))} degrees`,
      },
      feedMark(input, width - 6, 30, 'right'),
    ],
  };
}

/** A fly cutter: one bit on a long arm, over a broad face. */
export function flyCutDrawing(input: SketchInput): Drawing {
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

/** The boring head: its bar in the bore, in section, edge at the left wall. */
export function millBoreDrawing(input: SketchInput): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const d = setup.workDiameterMm;
  const scale = Math.min((width * 0.36) / d, (height - 150) / Math.max(d * 0.5, 4), 9);
  const R = (d / 2) * scale;
  const cx = width * 0.38;
  const surface = 116;
  const low = height - 44;
  const at = Math.min(low - 20, surface + (low - surface) * 0.55);
  const depth = Math.max(3, Math.min(plan.depth.mm * scale, R * 0.4));
  const bar = Math.max(5, Math.min(((setup.tool.shankMm ?? d / 2) / 2) * scale, R * 0.7));
  const barX = cx - R + bar + Math.max(4, R * 0.12);
  const wall = 34;
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(plan.depth.mm, units),
    out: formatLength(setup.stickOutMm, units),
  };
  const art = (
    <G>
      <Path
        d={`${hatch(cx - R - wall, surface, wall, low - surface)}${hatch(cx + R, surface, wall, low - surface)}`}
        stroke={pen.line}
        strokeWidth={1}
      />
      <Path
        d={`M${cx - R - wall} ${surface}H${cx - R}V${at}H${cx - R + depth}V${low}M${cx + R + wall} ${surface}H${cx + R}V${at}H${cx + R - depth}V${low}M${cx - R - wall} ${surface}V${low}H${cx - R + depth}M${cx + R + wall} ${surface}V${low}H${cx + R - depth}`}
        fill="none"
        stroke={pen.ink}
        strokeWidth={2}
      />
      <Path d={`M${cx - 40} -2V34H${cx + 40}V-2`} fill={pen.sheet} stroke={pen.ink} strokeWidth={1.6} />
      <Path
        d={`M${cx - 52} 34H${cx + 52}V58H${cx - 52}Z`}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Rect
        x={barX - bar}
        y={58}
        width={2 * bar}
        height={at - 58 + 6}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path
        d={`M${cx - R} ${at}L${barX - bar * 0.2} ${at - 4}V${at - 22}H${barX - bar}L${cx - R + 2} ${at - 10}Z`}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Line
        x1={cx}
        x2={cx}
        y1={4}
        y2={height - 6}
        stroke={pen.quiet}
        strokeWidth={1}
        strokeDasharray="14 3 2 3"
      />
      <Path
        d={`M${cx - R} ${low + 3}V${low + 26}M${cx + R} ${low + 3}V${low + 26}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={cx - R} y1={low + 20} x2={cx + R} y2={low + 20} pen={pen} />
      <Path d={`M56 ${surface - 12}L${cx - R + depth / 2} ${at + 8}`} stroke={pen.accent} strokeWidth={0.8} />
      <Path
        d={`M${cx + R + wall + 4} 58h30M${cx + R + wall + 4} ${at}h30`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={cx + R + wall + 26} y1={58} x2={cx + R + wall + 26} y2={at} pen={pen} />
    </G>
  );
  return {
    art,
    says: `Boring ⌀${joined(shown.d)} with the boring head, ${joined(shown.ap)} deep, bar ${joined(shown.out)} out`,
    marks: [
      {
        key: 'diameter',
        x: cx + R + 10,
        y: low + 20,
        anchor: 'left',
        figure: `⌀${shown.d.figure}`,
        after: units === 'inch' ? 'in' : '',
        says: `Bore ${joined(shown.d)}`,
      },
      {
        key: 'depth',
        x: 6,
        y: surface - 26,
        anchor: 'left',
        figure: shown.ap.figure,
        after: 'deep',
        says: `Depth on the radius ${joined(shown.ap)}`,
      },
      {
        key: 'stickOut',
        x: Math.min(width - 104, cx + R + wall + 32),
        y: (58 + at) / 2,
        anchor: 'left',
        figure: shown.out.figure,
        after: 'out',
        says: `Bar out of the head ${joined(shown.out)}`,
      },
      feedMark(input, width - 8, 26, 'right'),
    ],
  };
}
