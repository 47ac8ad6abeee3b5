import { OutOfRange, positive } from '../quantity/out-of-range';
import { DEG } from '../quantity/angle';

export interface ToothChip {
  readonly engagementAngleDeg: number;
  readonly maxChipMm: number;
  readonly meanChipMm: number;
}

/**
 * Chip thickness of a rotating cutter, circular tooth path.
 *
 * ```
 *    edge placement            centred placement
 *    .--.                        .--.
 *   (    )| ae                  (    )  ae symmetric about
 *    `--' |                      `--'   the centre line
 * ```
 *
 * @param widthMm           ae, above 0, at most the diameter
 * @param enteringAngleDeg  90 for a square shoulder
 */
export function toothChip(
  diameterMm: number,
  widthMm: number,
  feedPerToothMm: number,
  placement: 'edge' | 'centred' = 'edge',
  enteringAngleDeg = 90,
): ToothChip {
  const x = positive('width of cut', widthMm) / positive('cutter diameter', diameterMm);
  if (x > 1 + 1e-9) throw new OutOfRange('width of cut', widthMm, 0, diameterMm);
  const share = Math.min(1, x);
  const h = positive('feed per tooth', feedPerToothMm) * Math.sin(enteringAngleDeg * DEG);
  if (placement === 'centred') {
    const half = Math.asin(share);
    return { engagementAngleDeg: (2 * half) / DEG, maxChipMm: h, meanChipMm: (h * share) / half };
  }
  const arc = Math.acos(1 - 2 * share);
  return {
    engagementAngleDeg: arc / DEG,
    maxChipMm: share <= 0.5 ? h * Math.sin(arc) : h,
    meanChipMm: (h * 2 * share) / arc,
  };
}

/** Feed per tooth that gives a wanted chip thickness, by the maximum or the mean. */
export function feedForChip(
  wantedChipMm: number,
  target: 'max' | 'mean',
  diameterMm: number,
  widthMm: number,
  placement: 'edge' | 'centred' = 'edge',
  enteringAngleDeg = 90,
): number {
  const unit = toothChip(diameterMm, widthMm, 1, placement, enteringAngleDeg);
  return positive('wanted chip', wantedChipMm) / (target === 'max' ? unit.maxChipMm : unit.meanChipMm);
}

export interface RadialThinning {
  readonly hMaxMm: number;
  /** 1 when the cutter is at least half engaged. */
  readonly compensation: number;
  readonly fzCompensatedMm: number;
}

/**
 * How far the feed per tooth may be raised because a narrow cut thins the chip:
 * 1 / (2 sqrt(q (1 - q))), q = ae / D under one half, never more than the cap.
 *
 * @param cap  2 by default, 1.5 by hand feed, 3 at most
 */
export function radialThinning(diameterMm: number, aeMm: number, fzMm: number, cap = 2): RadialThinning {
  const q = positive('width of cut', aeMm) / positive('cutter diameter', diameterMm);
  const thin = q < 0.5 ? 2 * Math.sqrt(q * (1 - q)) : 1;
  const compensation = Math.min(1 / thin, cap);
  return { hMaxMm: fzMm * thin, compensation, fzCompensatedMm: fzMm * compensation };
}

/** Teeth of a slitting saw in the cut at once, and their chip. */
export function slittingSaw(diameterMm: number, teeth: number, depthMm: number, feedPerToothMm: number) {
  const chip = toothChip(diameterMm, depthMm, feedPerToothMm);
  return { ...chip, teethInCut: (positive('teeth', teeth) * chip.engagementAngleDeg) / 360 };
}
