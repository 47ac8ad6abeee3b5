import { DRAWN_CUTTER, wheelDepth, type EndMillJob, type EndMillPlan } from '@pike-stone/core/wheel';
import { formatAngle, formatLength, joined, type UnitSystem } from '@pike-stone/words';
import { Circle, G, Line, Path } from 'react-native-svg';
import { linePath } from '../../../kit/drawing/line-path';
import { DimensionLine, type DimensionMark, type Pen } from '../../../kit/drawing/dimensions';
import { SvgText } from '../../../kit/drawing/SvgText';
import type { TouchDrawing } from '../../../kit/drawing/TouchPaper';
import { FONT } from '../../../theme/type';

export type EndMark = 'diameter' | 'index' | 'relief' | 'land' | 'second';

interface Paper {
  readonly pen: Pen;
  readonly units: UnitSystem;
  readonly width: number;
  readonly height: number;
}

const MARGIN = 14;
/** Part of the paper's width that the end view takes. */
const END_SHARE = 0.48;
/** Room above and below the end view for a figure, px. */
const FIGURE_PX = 54;
/** Height of a land on paper: px at the least, and as a share of the paper's height. */
const LAND_PX = 72;
const LAND_SHARE = 0.26;
const landPx = (height: number): number => Math.max(LAND_PX, LAND_SHARE * height);

type Point = readonly [x: number, y: number];

/** Which way the flank of the tooth that is ground lies on paper: -1 is up. */
const flankSide = (plan: EndMillPlan): -1 | 1 => (plan.way === 'raise' ? -1 : 1);

/** The end of the cutter, seen from the tailstock, with the wheel over the first tooth. */
function endView(
  { cutter, side, wheel, wish }: EndMillJob,
  plan: EndMillPlan,
  { pen, width, height }: Paper,
) {
  const across = width * END_SHARE;
  const radius = Math.min(across / 2 - MARGIN, height / 2 - FIGURE_PX);
  const [cx, cy] = [MARGIN + radius, height / 2];
  const scale = radius / (cutter.diameterMm / 2);
  const turns = cutter.hand === 'right' ? -1 : 1;
  const first = side === 'operator' ? Math.PI : 0;
  const pitch = (2 * Math.PI) / cutter.teeth;
  const angleOf = (tooth: number): number => first + turns * tooth * pitch;
  const at = (angle: number, share: number): Point => [
    cx + radius * share * Math.cos(angle),
    cy + radius * share * Math.sin(angle),
  ];
  const teeth = Array.from({ length: cutter.teeth }, (_, tooth) => {
    const angle = angleOf(tooth);
    const open = turns * pitch * DRAWN_CUTTER.openShare;
    const arc = Array.from({ length: 9 }, (_unused, i) => at(angle + (open * i) / 8, 1));
    const inner = Math.max(0, 1 - plan.reachMm / (cutter.diameterMm / 2));
    const back = (wish.landMm * scale * -turns) / radius;
    // The land lies behind the edge, square to it.
    const shifted = ([x, y]: Point): Point => [
      x + radius * back * -Math.sin(angle),
      y + radius * back * Math.cos(angle),
    ];
    const [from, to] = [at(angle, inner), at(angle, 1)];
    return {
      flute: linePath([at(angle, DRAWN_CUTTER.webShare), ...arc]) + 'Z',
      land: linePath([from, to, shifted(to), shifted(from)]) + 'Z',
      edge: linePath([from, to]),
      label: at(angle + turns * 0.22, 0.76),
    };
  });
  const sign = flankSide(plan);
  const outward = side === 'operator' ? -1 : 1;
  const stop = cx + outward * (radius - plan.reachMm * scale);
  const thick = Math.min(wheel.widthMm * scale, radius);
  const wheelX = outward < 0 ? stop - thick : stop;
  const axle = cy + sign * plan.raiseMm * scale;
  return {
    cx,
    cy,
    radius,
    scale,
    axle,
    art: (
      <G>
        <Path
          d={`M${wheelX} 6H${wheelX + thick}V${height - 6}H${wheelX}Z`}
          fill={pen.line}
          fillOpacity={0.35}
          stroke={pen.quiet}
          strokeDasharray="4 3"
        />
        <Circle cx={cx} cy={cy} r={radius} fill={pen.wash} stroke={pen.ink} strokeWidth={1.4} />
        {teeth.map(({ flute, land, edge, label }, tooth) => (
          <G key={label.join()}>
            <Path d={flute} fill={pen.sheet} stroke={pen.ink} strokeWidth={1.2} />
            <Path d={land} fill={pen.accent} fillOpacity={0.45} />
            <Path d={edge} stroke={pen.ink} strokeWidth={2.4} />
            <SvgText
              x={label[0]}
              y={label[1] + 5}
              textAnchor="middle"
              fontFamily={FONT.figures}
              fontSize={14}
              fill={pen.quiet}
            >
              {String(tooth + 1)}
            </SvgText>
          </G>
        ))}
        <Line
          x1={Math.max(2, wheelX - 8)}
          x2={wheelX + thick + 8}
          y1={axle}
          y2={axle}
          stroke={pen.accent}
          strokeDasharray="14 3 2 3"
        />
        <Line x1={4} x2={cx} y1={cy} y2={cy} stroke={pen.quiet} strokeDasharray="3 3" />
      </G>
    ),
  };
}

/** One tooth from the side: the hollow land, the second relief behind it, the wheel's round. */
function toothView({ wish }: EndMillJob, plan: EndMillPlan, { pen, width, height }: Paper) {
  const left = width * END_SHARE + 10;
  const sign = flankSide(plan);
  const tall = landPx(height);
  const scale = tall / wish.landMm;
  const [ex, ey] = [left + (width - left) * 0.45, height / 2 - sign * tall * 0.9];
  const to = (back: number, depth: number): Point => [ex - depth * scale, ey + sign * back * scale];
  const depth = (back: number): number => wheelDepth(plan.radiusMm, plan.raiseMm, back);
  const land = Array.from({ length: 13 }, (_, i) =>
    to((wish.landMm * i) / 12, depth((wish.landMm * i) / 12)),
  );
  const heel = plan.land.dropMm;
  const { second } = plan;
  const behind = Array.from({ length: 13 }, (_, i): Point => {
    const back = wish.landMm * (1 + (1.1 * i) / 12);
    if (!second) return to(back, depth(back));
    const deeper = Math.sqrt(plan.radiusMm ** 2 - (back - second.raiseMm) ** 2);
    const atHeel = Math.sqrt(plan.radiusMm ** 2 - (wish.landMm - second.raiseMm) ** 2);
    return to(back, heel + deeper - atHeel);
  });
  const round = Array.from({ length: 25 }, (_, i): Point => {
    const back = wish.landMm * (-0.7 + (2.6 * i) / 24);
    return to(back, depth(back));
  });
  const last = behind.at(-1)!;
  const face = to(-0.06, 0);
  return {
    ex,
    ey,
    sign,
    left,
    art: (
      <G>
        <Path
          d={`${linePath([[left, ey], [ex, ey], ...land, ...behind, [left, last[1]]])}Z`}
          fill={pen.wash}
          stroke="none"
        />
        <Path d={linePath([[left, ey], face])} stroke={pen.ink} strokeWidth={1.4} />
        <Path d={linePath(land)} stroke={pen.accent} strokeWidth={3} fill="none" />
        <Path d={linePath(behind)} stroke={pen.ink} strokeWidth={1.6} fill="none" />
        <Path d={linePath([to(0, 0), to(wish.landMm, heel)])} stroke={pen.quiet} strokeDasharray="3 3" />
        <Path d={linePath(round)} stroke={pen.quiet} strokeDasharray="5 4" fill="none" />
        <Path
          d={linePath([to(-0.5 * wish.landMm, 0), to(2.2 * wish.landMm, 0)])}
          stroke={pen.quiet}
          strokeWidth={0.8}
        />
        <DimensionLine x1={ex + 20} x2={ex + 20} y1={ey} y2={ey + sign * wish.landMm * scale} pen={pen} />
      </G>
    ),
  };
}

/** Both views with their figures. */
export function drawEnd(job: EndMillJob, plan: EndMillPlan, paper: Paper): TouchDrawing<EndMark> {
  const { units, width, height, pen } = paper;
  const tall = landPx(height);
  const end = endView(job, plan, paper);
  const tooth = toothView(job, plan, paper);
  const size = (mm: number) => formatLength(mm, units);
  const [diameter, land] = [size(job.cutter.diameterMm), size(job.wish.landMm)];
  const deg = (value: number): string => formatAngle(value, 1);
  const marks: DimensionMark<EndMark>[] = [
    {
      key: 'diameter',
      x: end.cx,
      y: end.cy - end.radius - 26,
      anchor: 'middle',
      figure: diameter.figure,
      after: diameter.unit,
      says: `Diameter ${joined(diameter)}`,
    },
    {
      key: 'index',
      x: end.cx,
      y: end.cy + end.radius + 26,
      anchor: 'middle',
      figure: deg(plan.index.stepDeg),
      after: 'index',
      says: `Index ${deg(plan.index.stepDeg)}`,
    },
    {
      key: 'relief',
      x: width - MARGIN,
      y: tooth.ey - tooth.sign * 26,
      anchor: 'right',
      figure: deg(plan.land.edgeDeg),
      after: 'edge',
      says: `Relief at the edge ${deg(plan.land.edgeDeg)}`,
    },
    {
      key: 'land',
      x: tooth.ex + 28,
      y: tooth.ey + tooth.sign * tall * 0.5,
      anchor: 'left',
      figure: land.figure,
      after: 'land',
      says: `Land ${joined(land)}`,
    },
    {
      key: 'second',
      x: width - MARGIN,
      y: tooth.ey + tooth.sign * tall * 1.62,
      anchor: 'right',
      figure: job.wish.secondDeg === null ? 'none' : deg(job.wish.secondDeg),
      after: 'second',
      says: job.wish.secondDeg === null ? 'No second relief' : `Second relief ${deg(job.wish.secondDeg)}`,
    },
  ];
  return {
    says: `The end of the cutter with ${job.cutter.teeth} teeth, the wheel over the first, and a tooth from the side`,
    marks,
    art: (
      <G>
        {end.art}
        {tooth.art}
        <SvgText
          x={tooth.left + 5}
          y={tooth.ey + tooth.sign * tall * 0.4}
          textAnchor="start"
          fontFamily={FONT.figures}
          fontSize={13}
          fill={pen.quiet}
        >
          {`heel ${deg(plan.land.heelDeg)}`}
        </SvgText>
      </G>
    ),
  };
}
