import { Axis } from './Axis';
import type { EndMill, FaceMill } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
import { Circle, G, Path, Rect } from 'react-native-svg';
import { arrowHead, DimensionLine } from '../../../kit/drawing/dimensions';
import type { CutMark } from './cut-mark';
import { hatch, type Drawing, type SketchInput } from './drawing';
import { feedMark } from './feed-mark';
import { FeedArrow } from './FeedArrow';
import { SideNote } from './SideNote';

/** Path of the cutter: along an edge, through a slot, over a flat. */
type Into = 'side' | 'slot' | 'face';
const INSERT_PX = 14;
const NOSE_TOP = 22;
const TIP_ROOM = 68;

/** Looking along the feed: collet, cutter and block, to one scale; a plan beside it shows turn and feed. */
export function milled(
  input: SketchInput<EndMill | FaceMill>,
  into: Into,
  /** Length of flute; null for a body that is only as high as its inserts. */
  flutesMm: number | null,
): Drawing {
  const { setup, plan, units, width, height, pen } = input;
  const { tool } = setup;
  const d = tool.diameterMm;
  const ap = plan.depth.mm;
  const ae = plan.depth.widthInUseMm ?? d;
  const scale = Math.min(
    (height - TIP_ROOM - NOSE_TOP - 22) / Math.max(setup.stickOutMm, ap + 4),
    (width * 0.26) / d,
    8,
  );
  const [R, depth, wide, out] = [(d / 2) * scale, ap * scale, ae * scale, setup.stickOutMm * scale];
  const cx = width * 0.4;
  // The tip stands at a fixed height, which leaves room for its dimensions; a short cutter gets a longer nose above it.
  const tip = height - TIP_ROOM;
  const nose = tip - out - 22;
  const surface = tip - depth;
  const bottom = height + 4;
  const left = cx - R;
  const right = cx + R;
  const edge = into === 'slot' ? 0 : left + wide;
  const shown = {
    d: formatLength(d, units),
    ap: formatLength(ap, units),
    ae: formatLength(ae, units),
    out: formatLength(setup.stickOutMm, units),
  };
  const block =
    into === 'slot'
      ? `M10 ${bottom}V${surface}H${left}V${tip}H${right}V${surface}H${width * 0.66}V${bottom}`
      : into === 'face'
        ? `M${left + (2 * R - wide) / 2} ${bottom}V${tip}H${left + (2 * R + wide) / 2}V${bottom}`
        : `M10 ${bottom}V${surface}H${left}V${tip}H${edge}V${bottom}`;
  const ghost =
    into === 'side'
      ? `M${left} ${surface}H${edge}V${tip}`
      : into === 'face'
        ? `M${left + (2 * R - wide) / 2} ${tip}V${surface}H${left + (2 * R + wide) / 2}V${tip}`
        : '';
  const shank = into === 'face' ? Math.min(R * 0.7, 30) : R;
  const dimX = (into === 'slot' ? width * 0.66 : Math.max(right, edge, left + (2 * R + wide) / 2)) + 16;
  const art = (
    <G>
      <Path d={block} fill={pen.sheet} stroke={pen.ink} strokeWidth={2} />
      {ghost !== '' && (
        <Path d={ghost} stroke={pen.quiet} strokeWidth={1.1} strokeDasharray="6 4" fill="none" />
      )}
      <Path
        d={`M${cx - shank - 14} -2V${nose}L${cx - shank - 4} ${nose + 22}H${cx + shank + 4}L${cx + shank + 14} ${nose}V-2`}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.6}
      />
      <Path d={hatch(cx - shank - 12, 0, 2 * shank + 24, nose)} stroke={pen.line} strokeWidth={1} />
      <Rect
        x={cx - shank}
        y={nose + 22}
        width={2 * shank}
        height={Math.max(0, out)}
        fill={pen.sheet}
        stroke={pen.ink}
        strokeWidth={1.4}
      />
      <Cutter
        x={cx}
        tip={tip}
        R={R}
        flutes={Math.min(out, flutesMm === null ? INSERT_PX : flutesMm * scale)}
        pen={pen}
      />
      <Axis x={cx} from={4} to={tip + 10} pen={pen} />
      <Path
        d={`M${left} ${tip - 4}V${tip + 30}M${right} ${tip - 4}V${tip + 30}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={left} y1={tip + 24} x2={right} y2={tip + 24} pen={pen} />
      <Path
        d={`M${into === 'slot' ? right : edge} ${surface}H${dimX + 6}M${right} ${tip}H${dimX + 6}`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={dimX} y1={surface} x2={dimX} y2={tip} pen={pen} />
      <Path
        d={`M${cx - shank - 8} ${nose + 22}H14M${left - 4} ${tip}H14`}
        stroke={pen.accent}
        strokeWidth={0.8}
      />
      <DimensionLine x1={18} y1={nose + 22} x2={18} y2={tip} pen={pen} />
      <Plan into={into} pen={pen} x={width - 78} y={62} share={ae / d} />
    </G>
  );
  const marks: CutMark[] = [
    {
      key: 'diameter',
      x: cx,
      y: tip + 40,
      anchor: 'middle',
      figure: `⌀${shown.d.figure}`,
      after: '',
      says: `Cutter diameter ${joined(shown.d)}`,
    },
    {
      key: 'depth',
      x: dimX + 8,
      y: (surface + tip) / 2,
      anchor: 'left',
      figure: shown.ap.figure,
      after: 'deep',
      says: `Depth ${joined(shown.ap)}`,
    },
    {
      key: 'stickOut',
      x: 24,
      y: nose + 40,
      anchor: 'left',
      figure: shown.out.figure,
      after: 'out',
      says: `Out of the collet ${joined(shown.out)}`,
    },
    feedMark(input, width - 8, 130, 'right'),
  ];
  if (into !== 'slot')
    marks.push({
      key: 'width',
      x: dimX + 8,
      y: Math.min(height - 22, tip + 30),
      anchor: 'left',
      figure: shown.ae.figure,
      after: 'wide',
      says: `Width ${joined(shown.ae)}`,
    });
  return {
    art,
    marks,
    says: `Cutter ⌀${joined(shown.d)}, ${joined(shown.ap)} deep, ${joined(shown.ae)} wide`,
  };
}

/** Fluted part of a cutter in side view. */
function Cutter({
  x,
  tip,
  R,
  flutes,
  pen,
}: {
  x: number;
  tip: number;
  R: number;
  flutes: number;
  pen: SketchInput['pen'];
}) {
  const top = tip - flutes;
  let spirals = '';
  for (let y = tip; y > top + 4; y -= Math.max(12, R))
    spirals += `M${x - R} ${y}C${x - R / 3} ${y - R * 0.2} ${x + R / 3} ${y - R * 0.9} ${x + R} ${Math.max(top, y - R * 1.1)}`;
  return (
    <G>
      <Rect
        x={x - R}
        y={top}
        width={2 * R}
        height={flutes}
        fill={pen.wash}
        stroke={pen.ink}
        strokeWidth={1.8}
      />
      <Path d={spirals} stroke={pen.ink} strokeWidth={1} fill="none" />
    </G>
  );
}

/** Plan view with the directions of rotation and feed, which show conventional milling. */
function Plan({
  into,
  pen,
  x,
  y,
  share,
}: {
  into: Into;
  pen: SketchInput['pen'];
  x: number;
  y: number;
  share: number;
}) {
  const r = 24;
  const overlap = Math.min(1, share) * 2 * r;
  const top = into === 'face' ? y - overlap / 2 : into === 'slot' ? y - 40 : y + r - overlap;
  const deep = into === 'face' ? overlap : into === 'slot' ? 80 : 44 + overlap - r;
  return (
    <G>
      <Rect
        x={x - 52}
        y={top}
        width={120}
        height={Math.max(6, deep)}
        fill={pen.sheet}
        stroke={pen.line}
        strokeWidth={1.4}
      />
      <Circle cx={x} cy={y} r={r} fill={pen.wash} stroke={pen.ink} strokeWidth={1.6} />
      <Path
        d={`M${x - 12} ${y - 8}A15 15 0 0 1 ${x + 13} ${y - 6}${arrowHead(x + 13, y - 6, 0.35, 0.94)}`}
        stroke={pen.ink}
        strokeWidth={1.3}
        fill="none"
      />
      <FeedArrow from={[x + 34, y + r + 28]} to={[x - 22, y + r + 28]} pen={pen} />
      <SideNote x={x + 70} y={y - r - 14} pen={pen}>
        from above
      </SideNote>
    </G>
  );
}
