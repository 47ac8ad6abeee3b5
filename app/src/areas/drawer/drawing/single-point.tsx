import type { ToolBody } from '@pike-stone/contract';
import { DEG } from '@pike-stone/core';
import { Circle, ClipPath, Defs, G, Line, Path, Rect } from 'react-native-svg';
import { DimensionLine } from '../../../kit/drawing/dimensions';
import { toolOutline } from '../../cut/sketch/drawing';
import { sizeMark, type Paper, type SizeMark, type ToolArt } from './paper';
import type { Sizes } from './sizes';

type NosedKind = Extract<ToolBody['kind'], 'turning-tool' | 'boring-bar' | 'threading-tool'>;

/** The tip is drawn this many times larger beside the tool, so that its nose can be seen. */
const ENLARGED = 8;
const DETAIL_R = 58;

/** A tool with one point, in plan and to scale, with its tip enlarged beside it. */
export function nosedTool(kind: NosedKind, s: Sizes, paper: Paper): ToolArt {
  const { width, height, pen } = paper;
  const across = kind === 'boring-bar' ? s.barMm : s.shankMm;
  const scale = Math.min(5, (width * 0.22) / across);
  const [approachDeg, cornerDeg] =
    kind === 'threading-tool'
      ? [(180 - s.threadAngleDeg) / 2, s.threadAngleDeg]
      : [s.approachDeg, s.cornerDeg];
  const tip = { x: width * 0.34, y: 34 };
  const shank = across * scale;
  const endDeg = Math.max(2, 180 - approachDeg - cornerDeg);
  // As toolOutline draws the shank: from the end of the back edge to the side of the lead edge.
  const right = tip.x + shank * 0.92 * Math.cos(endDeg * DEG);
  const left = Math.max(tip.x - shank * Math.cos(approachDeg * DEG), right - shank);
  const outline = toolOutline({
    tipX: tip.x,
    tipY: tip.y,
    noseR: Math.max(0.6, s.noseRadiusMm * scale),
    approachDeg,
    cornerDeg,
    edge: shank,
    shank,
    length: height,
  });
  const centre = { x: width - DETAIL_R - 14, y: DETAIL_R + 14 };
  const noseR = Math.min(DETAIL_R * 0.8, Math.max(2, s.noseRadiusMm * scale * ENLARGED));
  const detail = toolOutline({
    tipX: centre.x - DETAIL_R * 0.25,
    tipY: centre.y - DETAIL_R * 0.35,
    noseR,
    approachDeg,
    cornerDeg,
    edge: DETAIL_R * 3,
    shank: DETAIL_R * 2.6,
    length: DETAIL_R * 3,
  });
  return {
    art: (
      <G>
        <Path d={outline} fill={pen.wash} stroke={pen.ink} strokeWidth={1.8} strokeLinejoin="round" />
        <Circle
          cx={tip.x}
          cy={tip.y + 4}
          r={12}
          stroke={pen.quiet}
          strokeWidth={1}
          fill="none"
          strokeDasharray="4 3"
        />
        <Line
          x1={tip.x + 12}
          y1={tip.y}
          x2={centre.x - DETAIL_R}
          y2={centre.y}
          stroke={pen.quiet}
          strokeWidth={1}
        />
        <Defs>
          <ClipPath id="tip">
            <Circle cx={centre.x} cy={centre.y} r={DETAIL_R} />
          </ClipPath>
        </Defs>
        <G>
          <G clipPath="url(#tip)">
            <Path d={detail} fill={pen.wash} stroke={pen.ink} strokeWidth={1.8} />
          </G>
          <Circle cx={centre.x} cy={centre.y} r={DETAIL_R} stroke={pen.quiet} strokeWidth={1.2} fill="none" />
        </G>
        <Path d={outline} fill="none" stroke={pen.ink} strokeWidth={1.8} strokeLinejoin="round" />
        <DimensionLine x1={left} y1={height - 40} x2={right} y2={height - 40} pen={pen} />
      </G>
    ),
    marks: marksOf(kind, s, paper, { shankMiddle: (left + right) / 2, centre }),
  };
}

function marksOf(
  kind: NosedKind,
  s: Sizes,
  paper: Paper,
  at: { readonly shankMiddle: number; readonly centre: { x: number; y: number } },
): SizeMark[] {
  const { height, width } = paper;
  const nose = sizeMark(paper, 'noseRadiusMm', s.noseRadiusMm, {
    x: at.centre.x,
    y: at.centre.y + DETAIL_R + 20,
  });
  if (kind === 'threading-tool')
    return [nose, sizeMark(paper, 'threadAngleDeg', s.threadAngleDeg, { x: 10, y: 60, anchor: 'left' })];
  const under = { x: at.shankMiddle, y: height - 16 };
  return [
    nose,
    kind === 'boring-bar'
      ? sizeMark(paper, 'barMm', s.barMm, under)
      : sizeMark(paper, 'shankMm', s.shankMm, { ...under, says: 'Height of the shank', sign: '' }),
    sizeMark(paper, 'approachDeg', s.approachDeg, { x: 8, y: 30, anchor: 'left' }),
    sizeMark(paper, 'cornerDeg', s.cornerDeg, {
      x: width - 8,
      y: at.centre.y + DETAIL_R + 62,
      anchor: 'right',
    }),
  ];
}

/** A blade seen from the front, or a form in plan: width, and depth of the form. */
export function blade(kind: 'parting-blade' | 'form-tool', s: Sizes, paper: Paper): ToolArt {
  const { width, height, pen } = paper;
  const tall = kind === 'parting-blade' ? s.widthMm * 6 : Math.max(s.widthMm * 1.6, s.depthMm * 2.4);
  const scale = Math.min((height - 80) / tall, (width * 0.4) / s.widthMm, 24);
  const [w, h, d] = [s.widthMm * scale, tall * scale, Math.min(s.depthMm, tall) * scale];
  const x = width / 2 - w / 2;
  const y = 50;
  const form = kind === 'form-tool';
  const outline = form
    ? `M${x} ${y}A${w / 2} ${d} 0 0 0 ${x + w} ${y}V${y + h}H${x}Z`
    : `M${x} ${y}H${x + w}L${x + w * 0.94} ${y + h}H${x + w * 0.06}Z`;
  return {
    art: (
      <G>
        <Path d={outline} fill={pen.wash} stroke={pen.ink} strokeWidth={1.8} strokeLinejoin="round" />
        <DimensionLine x1={x} y1={y - 18} x2={x + w} y2={y - 18} pen={pen} />
        {form && <DimensionLine x1={x + w + 22} y1={y} x2={x + w + 22} y2={y + d} pen={pen} />}
        {form && <Rect x={x} y={y + h} width={w} height={4} fill={pen.sheet} />}
      </G>
    ),
    marks: [
      sizeMark(paper, 'widthMm', s.widthMm, {
        x: x + w / 2,
        y: y - 34,
        ...(!form && { says: 'Width of the blade' }),
      }),
      ...(form
        ? [sizeMark(paper, 'depthMm', s.depthMm, { x: x + w + 34, y: y + d / 2, anchor: 'left' })]
        : []),
    ],
  };
}
