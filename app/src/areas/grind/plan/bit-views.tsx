import {
  SHAPES,
  type BitAngles,
  type BitPlan,
  type BitSizes,
  type PaintTree,
  type Vector,
} from '@pike-stone/core/grind';
import { formatAngle, formatLength, type UnitSystem } from '@pike-stone/words';
import { ANGLE_WORDS, SIZE_WORDS } from '@pike-stone/words/grind';
import { G, Line, Text as SvgText } from 'react-native-svg';
import { DimensionLine, type DimensionMark, type Pen } from '../../../kit/drawing/dimensions';
import type { TouchDrawing } from '../../../kit/drawing/TouchPaper';
import { FONT, SIZE } from '../../../theme/type';
import { drawnLength } from '../bit-model';
import { onPaper, VIEWS, type Placing } from '../solid/project';
import { SolidArt } from '../solid/SolidArt';

/** What can be touched on the sketch. */
export type BitMark = keyof BitAngles | keyof BitSizes | 'noseRadiusMm' | 'heel' | 'trailingDeg';

const MARGIN = 16;
/** Above the plan, between plan and side, and under the side view. */
const ABOVE = 44;
const BETWEEN = 74;
const BELOW = 56;
const LABEL = 13;
/** Share of the paper's width that the long views take. */
const LONG_SHARE = 0.52;

interface Paper {
  readonly width: number;
  readonly height: number;
  readonly pen: Pen;
  readonly units: UnitSystem;
}

/** Where the three views stand: plan above side, the end beside it. */
function placings(plan: BitPlan, { width, height }: Paper) {
  const { blank } = plan;
  const long = drawnLength(plan);
  const scale = Math.min(
    (width * LONG_SHARE - MARGIN) / long,
    (height - ABOVE - BETWEEN - BELOW) / (blank.widthMm + blank.heightMm),
    (width * (1 - LONG_SHARE) - 3.4 * MARGIN) / blank.widthMm,
  );
  const left = plan.hand === 'left';
  const front = MARGIN + long * scale;
  const planY = ABOVE + (left ? blank.widthMm * scale : 0);
  const sideY = ABOVE + BETWEEN + blank.widthMm * scale;
  const endX = width - MARGIN * 2.6 - (left ? blank.widthMm * scale : 0);
  return {
    plan: { eye: VIEWS.plan, scale, x: front, y: planY },
    side: { eye: VIEWS.side, scale, x: front, y: sideY },
    end: { eye: VIEWS.end, scale, x: endX, y: sideY },
    bottom: sideY + blank.heightMm * scale,
  } as const;
}

/** Room for the solid, right of the plan view. */
export function solidRoom(plan: BitPlan, paper: Paper) {
  const at = placings(plan, paper);
  const left = at.plan.x + MARGIN * 4;
  return { left, top: 4, width: Math.max(60, paper.width - left - 4), height: at.side.y - 44 };
}

/** Height of paper that a bit of this blank wants. */
export const paperHeight = ({ blank }: BitPlan, width: number): number =>
  Math.min(
    520,
    Math.max(330, ABOVE + BETWEEN + BELOW + ((width * 0.5) / 24) * (blank.widthMm + blank.heightMm)),
  );

const angle = (value: number): string => formatAngle(value, 1);

interface Wish {
  readonly key: BitMark;
  readonly x: number;
  readonly y: number;
  readonly anchor: DimensionMark['anchor'];
  readonly after?: string;
  /** Point of the drawing that it is about. */
  readonly to: readonly [number, number];
}

const figureOf = (plan: BitPlan, key: BitMark, units: UnitSystem): { figure: string; name: string } => {
  if (key in ANGLE_WORDS) {
    const own = key as keyof BitAngles;
    return { figure: angle(plan.angles[own]), name: ANGLE_WORDS[own].name };
  }
  if (key === 'trailingDeg') return { figure: angle(plan.trailingDeg ?? 0), name: 'Trailing clearance' };
  if (key === 'heel')
    return { figure: plan.heel ? angle(plan.heel.clearanceDeg) : '', name: 'Second clearance' };
  const mm = key === 'noseRadiusMm' ? plan.noseRadiusMm : plan.sizes[key as keyof BitSizes];
  const figure = formatLength(mm, units).figure;
  return key === 'noseRadiusMm'
    ? { figure: `R ${figure}`, name: 'Nose radius' }
    : { figure: key === 'radiusMm' ? `R ${figure}` : figure, name: SIZE_WORDS[key as keyof BitSizes] };
};

/** Figures of a shape and where they stand about the views. */
function wishes(plan: BitPlan, paper: Paper): readonly Wish[] {
  const at = placings(plan, paper);
  const facts = SHAPES[plan.shape];
  const mirror = plan.hand === 'left' ? -1 : 1;
  const nose = facts.nose(plan);
  const own: Vector = [nose[0], nose[1] * mirror, nose[2]];
  const point = (view: Placing, offset: Vector): readonly [number, number] =>
    onPaper(view, [own[0] + offset[0], own[1] + offset[1] * mirror, own[2] + offset[2]]);
  const { scale } = at.plan;
  const { blank, sizes } = plan;
  const nextToFront = at.plan.x + 6;
  const above = (mirror > 0 ? at.plan.y : at.plan.y - blank.widthMm * scale) - 20;
  const underPlan = (mirror > 0 ? at.plan.y + blank.widthMm * scale : at.plan.y) + 8 + ALONG_GAP;
  const endMiddle = at.end.x - (blank.widthMm / 2) * scale * 1 * mirror;
  const all: Readonly<Record<BitMark, Wish>> = {
    kappaDeg: {
      key: 'kappaDeg',
      x: at.plan.x - sizes.edgeMm * scale * 0.3,
      y: above,
      anchor: 'right',
      after: 'edge',
      to: point(at.plan, [-sizes.edgeMm * 0.5, 0.4, 0]),
    },
    kappa2Deg: {
      key: 'kappa2Deg',
      x: nextToFront,
      y: at.plan.y + blank.widthMm * 0.72 * scale * mirror,
      anchor: 'left',
      to: point(at.plan, [-0.6, -blank.widthMm * 0.6, 0]),
    },
    noseRadiusMm: {
      key: 'noseRadiusMm',
      x: nextToFront,
      y: at.plan.y + 4 * mirror,
      anchor: 'left',
      to: point(at.plan, [-0.1, 0, 0]),
    },
    backRakeDeg: {
      key: 'backRakeDeg',
      x: at.side.x - sizes.edgeMm * scale * 0.4,
      y: at.side.y - 17,
      anchor: 'right',
      after: 'back',
      to: point(at.side, [-sizes.edgeMm * 0.6, 0, -0.6]),
    },
    frontClearanceDeg: {
      key: 'frontClearanceDeg',
      x: at.side.x + 4,
      y: at.side.y + blank.heightMm * scale * 0.62,
      anchor: 'left',
      to: point(at.side, [-0.9, 0, -blank.heightMm * 0.5]),
    },
    sideRakeDeg: {
      key: 'sideRakeDeg',
      x: endMiddle,
      y: at.end.y - 17,
      anchor: 'middle',
      after: 'side',
      to: point(at.end, [0, -blank.widthMm * 0.35, -0.6]),
    },
    sideClearanceDeg: {
      key: 'sideClearanceDeg',
      x: paper.width - 4,
      y: at.bottom + 15,
      anchor: 'right',
      after: plan.trailingDeg === null ? 'side' : 'leading',
      to: point(at.end, [0, -0.7, -blank.heightMm * 0.75]),
    },
    trailingDeg: {
      key: 'trailingDeg',
      x: at.end.x - blank.widthMm * scale - 4,
      y: at.bottom + 40,
      anchor: 'left',
      after: 'trailing',
      to: point(at.end, [0, -blank.widthMm * 0.45, -blank.heightMm * 0.6]),
    },
    heel: {
      key: 'heel',
      x: at.side.x + 4,
      y: at.bottom + 2,
      anchor: 'left',
      after: 'heel',
      to: point(at.side, [-3, 0, -blank.heightMm * 0.92]),
    },
    edgeMm: {
      key: 'edgeMm',
      x: at.plan.x - (sizes.edgeMm * scale) / 2,
      y: underPlan,
      anchor: 'middle',
      after: 'edge',
      to: point(at.plan, [-sizes.edgeMm, 0.4, 0]),
    },
    bladeMm: {
      key: 'bladeMm',
      x: at.plan.x - (sizes.bladeMm * scale) / 2,
      y: underPlan,
      anchor: 'middle',
      after: 'blade',
      to: point(at.plan, [-sizes.bladeMm * 0.5, 0, 0]),
    },
    widthMm: {
      key: 'widthMm',
      x: nextToFront,
      y: at.plan.y + 8 * mirror,
      anchor: 'left',
      after: 'wide',
      to: point(at.plan, [0, -sizes.widthMm / 2, 0]),
    },
    radiusMm: {
      key: 'radiusMm',
      x: nextToFront,
      y: at.plan.y + 4 * mirror,
      anchor: 'left',
      to: point(at.plan, [-sizes.radiusMm * 0.3, sizes.radiusMm * 0.7, 0]),
    },
    flatMm: {
      key: 'flatMm',
      x: nextToFront,
      y: at.plan.y + 4 * mirror,
      anchor: 'left',
      after: 'flat',
      to: point(at.plan, [0, 0, 0]),
    },
  };
  const keys: readonly BitMark[] = [
    ...facts.sets,
    ...facts.sizes,
    ...(facts.hasNose ? (['noseRadiusMm'] as const) : []),
    ...(plan.trailingDeg === null ? [] : (['trailingDeg'] as const)),
    ...(plan.heel ? (['heel'] as const) : []),
  ];
  return keys.map((key) => all[key]);
}

/** Lengths along the shank have a dimension line of their own, under the plan. */
const isAlong = (key: BitMark): key is 'edgeMm' | 'bladeMm' => key === 'edgeMm' || key === 'bladeMm';
const ALONG_GAP = 18;

function Along({
  plan,
  mark,
  y,
  at,
  pen,
}: {
  plan: BitPlan;
  mark: 'edgeMm' | 'bladeMm';
  y: number;
  at: Placing;
  pen: Pen;
}) {
  const [x1, x2] = [at.x - plan.sizes[mark] * at.scale, at.x];
  return (
    <>
      {[x1, x2].map((x) => (
        <Line key={x} x1={x} y1={y - 8} x2={x} y2={y + 5} stroke={pen.accent} strokeWidth={1} />
      ))}
      <DimensionLine x1={x1} y1={y} x2={x2} y2={y} pen={pen} />
    </>
  );
}

const TITLES = { plan: 'from above', side: 'from the right', end: 'onto the nose' } as const;

/** The bit in three views with its figures; the views are drawn from the solid itself. */
export function drawBit(
  plan: BitPlan,
  tree: PaintTree | null,
  steps: readonly string[],
  paper: Paper,
): TouchDrawing<BitMark> {
  const at = placings(plan, paper);
  const { pen, units } = paper;
  const placed = wishes(plan, paper);
  return {
    says: 'The bit from above, from the right and onto the nose, to scale',
    art: (
      <>
        {(['plan', 'side', 'end'] as const).map((view) => (
          <SolidArt key={view} tree={tree} steps={steps} placing={at[view]} plain />
        ))}
        {placed.map(({ key, x, y, to, anchor }) =>
          isAlong(key) ? (
            <Along key={key} plan={plan} mark={key} y={y - ALONG_GAP} at={at.plan} pen={pen} />
          ) : (
            <Line
              key={key}
              x1={anchor === 'left' ? x + 2 : anchor === 'right' ? x - 2 : x}
              y1={y < to[1] ? y + 9 : y > to[1] + 20 ? y - 9 : y}
              x2={to[0]}
              y2={to[1]}
              stroke={pen.accent}
              strokeWidth={1}
            />
          ),
        )}
        <G>
          {(['side', 'end'] as const).map((view) => (
            <SvgText
              key={view}
              x={view === 'side' ? MARGIN : at.end.x}
              y={view === 'side' ? at.bottom + LABEL + 4 : at.bottom + LABEL + 26}
              fill={pen.quiet}
              fontFamily={FONT.words}
              fontSize={SIZE.small}
              textAnchor={view === 'side' ? 'start' : 'end'}
            >
              {view === 'side' ? TITLES.side : ''}
            </SvgText>
          ))}
        </G>
      </>
    ),
    marks: placed.map(({ key, x, y, anchor, after = '' }) => {
      const { figure, name } = figureOf(plan, key, units);
      return { key, x, y, anchor, figure, after, says: `${name} ${figure}` };
    }),
  };
}
