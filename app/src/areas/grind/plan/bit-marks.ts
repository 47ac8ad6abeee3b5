import { SHAPES, type BitAngles, type BitPlan, type BitSizes, type Vector } from '@pike-stone/core/grind';
import { formatAngle, formatLength, type UnitSystem } from '@pike-stone/words';
import { ANGLE_WORDS, SIZE_WORDS } from '@pike-stone/words/grind';
import type { DimensionMark } from '../../../kit/drawing/dimensions';
import { onPaper, type Placing } from '../solid/project';
import { placings, type Paper } from './bit-layout';

/** What can be touched on the sketch. */
export type BitMark = keyof BitAngles | keyof BitSizes | 'noseRadiusMm' | 'heel' | 'trailingDeg';

/** Room between the plan view and the dimension line under it, px. */
export const ALONG_GAP = 18;

const angle = (value: number): string => formatAngle(value, 1);

/** A figure of the sketch: where it stands, and the point that it is about. */
export interface PlacedMark {
  readonly key: BitMark;
  readonly x: number;
  readonly y: number;
  readonly anchor: DimensionMark['anchor'];
  readonly after?: string;
  /** Point of the drawing that it is about. */
  readonly to: readonly [number, number];
}

/** Figure of a mark as it is written, and its name. */
export const figureOf = (
  plan: BitPlan,
  key: BitMark,
  units: UnitSystem,
): { figure: string; name: string } => {
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

/** Least distance of two figures that stand over one another, px. */
const LINE_PX = 20;

/** Figures of one column, moved down until none covers another: a narrow blade leaves them little room. */
export function apart(marks: readonly PlacedMark[]): readonly PlacedMark[] {
  const lowest = new Map<string, number>();
  const moved = new Map<PlacedMark, PlacedMark>();
  for (const mark of [...marks].sort((a, b) => a.y - b.y)) {
    const column = `${mark.anchor} ${mark.x}`;
    const y = Math.max(mark.y, (lowest.get(column) ?? -Infinity) + LINE_PX);
    lowest.set(column, y);
    moved.set(mark, { ...mark, y });
  }
  return marks.map((mark) => moved.get(mark)!);
}

/** Figures of a shape and where they stand about the views. */
export function placedMarks(plan: BitPlan, paper: Paper): readonly PlacedMark[] {
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
  const endMiddle = at.end.x - (blank.widthMm / 2) * scale * mirror;
  const all: Readonly<Record<BitMark, PlacedMark>> = {
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
  return apart(keys.map((key) => all[key]));
}
