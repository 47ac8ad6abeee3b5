import { G, Line, Path } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import { sizeMark, type Paper, type Place, type ToolArt } from './paper';
import { profileOf, type RoundKind } from './round-profile';
import type { SizeKey, Sizes } from './sizes';

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
  const at: Profile = { x, r, below, fluteMiddle: (fluteTop + fluteEnd) / 2 };
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
        {SIZES_OF[kind].includes('fluteLengthMm') && (
          <DimensionLine x1={x + r + 20} y1={fluteTop} x2={x + r + 20} y2={fluteEnd} pen={pen} />
        )}
      </G>
    ),
    marks: SIZES_OF[kind].map((key) => sizeMark(paper, key, s[key], placeOf(key, paper, at))),
  };
}

/** The figures of each kind. */
const SIZES_OF: Readonly<Record<RoundKind, readonly SizeKey[]>> = {
  drill: ['diameterMm', 'fluteLengthMm'],
  'centre-drill': ['diameterMm', 'bodyMm'],
  reamer: ['diameterMm', 'teeth'],
  'end-mill': ['diameterMm', 'fluteLengthMm', 'teeth', 'shankMm'],
  'face-mill': ['diameterMm', 'fluteLengthMm', 'teeth', 'shankMm', 'noseRadiusMm'],
  'fly-cutter': ['diameterMm', 'teeth', 'noseRadiusMm'],
  't-slot-cutter': ['diameterMm', 'teeth', 'shankMm', 'headHeightMm'],
  'dovetail-cutter': ['diameterMm', 'teeth', 'shankMm', 'angleDeg'],
};

/** Where each figure stands beside the profile. */
function placeOf(key: SizeKey, { width, height }: Paper, at: Profile): Place {
  switch (key) {
    case 'diameterMm':
      return { x: at.x, y: Math.min(height - 16, at.below + 14) };
    case 'fluteLengthMm':
      return { x: Math.min(width - 8, at.x + at.r + 110), y: at.fluteMiddle, anchor: 'right' };
    case 'teeth':
      return { x: 10, y: at.fluteMiddle, anchor: 'left' };
    case 'noseRadiusMm':
      return { x: width - 8, y: 24, anchor: 'right' };
    case 'headHeightMm':
    case 'angleDeg':
      return { x: width - 8, y: at.fluteMiddle, anchor: 'right' };
    default:
      return { x: 10, y: 24, anchor: 'left' };
  }
}

/** What the figures stand beside: the axis, the radius of the cutter, under its point, the middle of its flutes. */
interface Profile {
  readonly x: number;
  readonly r: number;
  readonly below: number;
  readonly fluteMiddle: number;
}
