import type { BitPlan } from '@pike-stone/core/grind';
import type { UnitSystem } from '@pike-stone/words';
import type { Pen } from '../../../kit/drawing/dimensions';
import { drawnLength } from '../bit-model';
import { VIEWS } from '../solid/project';

export const MARGIN = 16;
/** Above the plan, between plan and side, and under the side view. */
const ABOVE = 44;
const BETWEEN = 74;
const BELOW = 56;
/** Share of the paper's width that the long views take. */
const LONG_SHARE = 0.52;

/** Paper that the three views are drawn on. */
export interface Paper {
  readonly width: number;
  readonly height: number;
  readonly pen: Pen;
  readonly units: UnitSystem;
}

/** Where the three views stand: plan above side, the end beside it. */
export function placings(plan: BitPlan, { width, height }: Paper) {
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
