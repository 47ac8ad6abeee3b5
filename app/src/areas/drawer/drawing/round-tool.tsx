import { DEG } from '@pike-stone/core';
import type { ToolBody } from '@pike-stone/contract';
import { G, Line, Path } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import { lengthMark, plainMark, type Paper, type SizeMark, type ToolArt } from './paper';
import type { Sizes } from './sizes';

/** A length of a turned profile, from the shank down; it may taper to another diameter. */
interface Part {
  readonly mm: number;
  readonly from: number;
  readonly to?: number;
  readonly fluted?: boolean;
}

type RoundKind = Extract<
  ToolBody['kind'],
  | 'drill'
  | 'centre-drill'
  | 'reamer'
  | 'end-mill'
  | 'face-mill'
  | 'fly-cutter'
  | 't-slot-cutter'
  | 'dovetail-cutter'
>;

const POINT_DEG = 118;
const CONE_DEG = 60;
/** Shank that is drawn, in diameters of the shank; the rest is cut off by the paper. */
const SHANK_DRAWN = 1.1;
const pointMm = (d: number, includedDeg: number): number => d / 2 / Math.tan((includedDeg / 2) * DEG);

/** The profile of a tool that turns, seen from the side, from the shank down to the point. */
function profileOf(kind: RoundKind, s: Sizes): readonly Part[] {
  const { diameterMm: d, shankMm } = s;
  const shank = (mm: number): Part => ({ mm: mm * SHANK_DRAWN, from: mm });
  switch (kind) {
    case 'drill':
      return [
        shank(d),
        { mm: s.fluteLengthMm, from: d, fluted: true },
        { mm: pointMm(d, POINT_DEG), from: d, to: 0 },
      ];
    case 'centre-drill':
      return [
        shank(s.bodyMm),
        { mm: (s.bodyMm - d) / 2 / Math.tan((CONE_DEG / 2) * DEG), from: s.bodyMm, to: d },
        { mm: d * 1.2, from: d, fluted: true },
        { mm: pointMm(d, POINT_DEG), from: d, to: 0 },
      ];
    case 'reamer':
      return [shank(d * 0.9), { mm: d * 4, from: d, fluted: true }, { mm: d * 0.12, from: d, to: d * 0.8 }];
    case 'end-mill':
      return [shank(shankMm), { mm: s.fluteLengthMm, from: d, fluted: true }];
    case 'face-mill':
      return [
        shank(Math.min(shankMm, d * 0.5)),
        { mm: d * 0.35, from: d * 0.7, to: d * 0.9 },
        { mm: s.fluteLengthMm, from: d, to: d, fluted: true },
      ];
    case 'fly-cutter':
      return [shank(Math.min(shankMm, d * 0.3)), { mm: d * 0.25, from: d * 0.6 }];
    case 't-slot-cutter':
      return [
        shank(shankMm),
        { mm: d * 0.5, from: Math.min(shankMm, d) * 0.6 },
        { mm: s.headHeightMm, from: d, fluted: true },
      ];
    case 'dovetail-cutter':
      return [
        shank(shankMm),
        {
          mm: s.slantHeightMm,
          from: Math.max(d * 0.15, d - (2 * s.slantHeightMm) / Math.tan(s.angleDeg * DEG)),
          to: d,
          fluted: true,
        },
      ];
  }
}

const TOP = 6;
const BOTTOM = 46;
const SIDE = 96;
const WAVE = 3;

/** A tool that turns, from the side and to scale: shank, flutes, point; each size a figure. */
export function roundTool(kind: RoundKind, s: Sizes, paper: Paper): ToolArt {
  const { width, height, pen } = paper;
  const parts = profileOf(kind, s);
  const long = parts.reduce((sum, { mm }) => sum + mm, 0);
  const wide = Math.max(s.diameterMm, ...parts.flatMap(({ from, to = from }) => [from, to]));
  const scale = Math.min((height - TOP - BOTTOM) / long, (width - 2 * SIDE) / wide);
  const x = width / 2;
  let y = TOP;
  const outline: string[] = [];
  const flutes: string[] = [];
  let fluteTop = TOP;
  let fluteEnd = TOP;
  for (const { mm, from, to = from, fluted } of parts) {
    const [r1, r2, h] = [(from / 2) * scale, (to / 2) * scale, mm * scale];
    outline.push(`M${x - r1} ${y}L${x - r2} ${y + h}H${x + r2}L${x + r1} ${y}Z`);
    if (fluted) {
      [fluteTop, fluteEnd] = [y, y + h];
      const turns = Math.max(1, Math.round(mm / Math.max(1, s.diameterMm * 1.5)));
      for (let i = 0; i < turns; i += 1) {
        const [a, b] = [y + (h * i) / turns, y + (h * (i + 1)) / turns];
        flutes.push(`M${x - r1} ${b}C${x - r1 * 0.2} ${b} ${x + r1 * 0.2} ${a} ${x + r1} ${a}`);
      }
    }
    y += h;
  }
  const r = (s.diameterMm / 2) * scale;
  const shankR = (parts[0]!.from / 2) * scale;
  const below = Math.min(height - 24, y + 18);
  const swing =
    kind === 'fly-cutter'
      ? `M${x - r} ${y}H${x + r}M${x + r - 8} ${y - 14}L${x + r} ${y}H${x + r * 0.4}`
      : '';
  return {
    art: (
      <G>
        <Path
          d={outline.join('')}
          fill={pen.wash}
          stroke={pen.ink}
          strokeWidth={1.8}
          strokeLinejoin="round"
        />
        <Path d={flutes.join('') + swing} stroke={pen.ink} strokeWidth={1.2} fill="none" />
        <Path
          d={`M${x - shankR} ${TOP}q${shankR / 2} ${WAVE} ${shankR} 0t${shankR} 0`}
          stroke={pen.ink}
          strokeWidth={1.2}
          fill="none"
        />
        <Line x1={x} x2={x} y1={0} y2={y + 6} stroke={pen.quiet} strokeWidth={1} strokeDasharray="10 3 2 3" />
        <Path
          d={`M${x - r} ${y - 2}V${below + 6}M${x + r} ${y - 2}V${below + 6}`}
          stroke={pen.accent}
          strokeWidth={0.8}
        />
        <DimensionLine x1={x - r} y1={below} x2={x + r} y2={below} pen={pen} />
        {hasFluteLength(kind) && (
          <DimensionLine x1={x + r + 20} y1={fluteTop} x2={x + r + 20} y2={fluteEnd} pen={pen} />
        )}
      </G>
    ),
    marks: marksOf(kind, s, paper, { x, r, shankR, below, fluteMiddle: (fluteTop + fluteEnd) / 2 }),
  };
}

const hasFluteLength = (kind: RoundKind): boolean => ['drill', 'end-mill', 'face-mill'].includes(kind);

interface Places {
  readonly x: number;
  readonly r: number;
  readonly shankR: number;
  readonly below: number;
  readonly fluteMiddle: number;
}

function marksOf(kind: RoundKind, s: Sizes, paper: Paper, at: Places): SizeMark[] {
  const { width, height } = paper;
  const marks: SizeMark[] = [
    lengthMark(paper, 'diameterMm', s.diameterMm, 'Diameter', {
      x: at.x,
      y: Math.min(height - 16, at.below + 14),
      sign: '⌀',
    }),
  ];
  if (hasFluteLength(kind))
    marks.push(
      lengthMark(paper, 'fluteLengthMm', s.fluteLengthMm, 'Length of flute', {
        x: Math.min(width - 8, at.x + at.r + 110),
        y: at.fluteMiddle,
        anchor: 'right',
      }),
    );
  if (kind !== 'drill' && kind !== 'centre-drill')
    marks.push(
      plainMark('teeth', String(s.teeth), s.teeth === 1 ? 'tooth' : 'teeth', 'Teeth', {
        x: 10,
        y: at.fluteMiddle,
        anchor: 'left',
      }),
    );
  if (kind === 'end-mill' || kind === 't-slot-cutter' || kind === 'dovetail-cutter' || kind === 'face-mill')
    marks.push(
      lengthMark(paper, 'shankMm', s.shankMm, 'Diameter of the shank', {
        x: 10,
        y: 24,
        anchor: 'left',
        sign: '⌀',
      }),
    );
  if (kind === 'centre-drill')
    marks.push(
      lengthMark(paper, 'bodyMm', s.bodyMm, 'Diameter of the body', {
        x: 10,
        y: 24,
        anchor: 'left',
        sign: '⌀',
      }),
    );
  if (kind === 't-slot-cutter')
    marks.push(
      lengthMark(paper, 'headHeightMm', s.headHeightMm, 'Height of the head', {
        x: width - 8,
        y: at.fluteMiddle,
        anchor: 'right',
      }),
    );
  if (kind === 'dovetail-cutter')
    marks.push(
      plainMark('angleDeg', `${s.angleDeg}°`, '', 'Angle of the dovetail', {
        x: width - 8,
        y: at.fluteMiddle,
        anchor: 'right',
      }),
    );
  if (kind === 'face-mill' || kind === 'fly-cutter')
    marks.push(
      lengthMark(paper, 'noseRadiusMm', s.noseRadiusMm, 'Nose radius', {
        x: width - 8,
        y: 24,
        anchor: 'right',
        sign: 'r ',
      }),
    );
  return marks;
}
