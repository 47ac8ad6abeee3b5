import { DEG } from '@pike-stone/core';
import { judgeForm, leftTurn, register, type Piece } from '@pike-stone/core/form';
import { points } from './gear-fields';
import * as z from 'zod';
import { figure, result, yesNo } from './schema';
import { topic } from './topic';

const line = z.strictObject({ type: z.literal('line'), x1: figure, y1: figure, x2: figure, y2: figure });
const arc = z.strictObject({
  type: z.literal('arc'),
  cx: figure,
  cy: figure,
  r: figure,
  start_deg: figure,
  end_deg: figure,
  ccw: yesNo,
});

function pieceOf(one: z.output<typeof line> | z.output<typeof arc>): Piece {
  if (one.type === 'line') return { kind: 'line', from: [one.x1, one.y1], to: [one.x2, one.y2] };
  const [start, end] = [one.start_deg * DEG, one.end_deg * DEG];
  const at = (angle: number) => [one.cx + one.r * Math.cos(angle), one.cy + one.r * Math.sin(angle)] as const;
  return {
    kind: 'arc',
    from: at(start),
    to: at(end),
    centre: [one.cx, one.cy],
    radiusMm: one.r,
    sweepRad: one.ccw ? leftTurn(start, end) : -leftTurn(end, start),
  };
}

export const registerPointsTopic = topic({
  heavy: true,
  input: z.strictObject({
    profile: z
      .array(z.union([line, arc]))
      .min(1, 'Give at least one.')
      .max(2000, 'No more than 2000.'),
    points_mm: points,
    fit: yesNo,
    band_lower_um: figure,
    band_upper_um: figure,
    uncertainty_um: figure,
  }),
  output: z.strictObject({
    theta_deg: result,
    tx_mm: result,
    ty_mm: result,
    max_um: result,
    min_um: result,
    rms_um: result,
    p95_um: result,
    count_out: result,
    verdict: z.string(),
  }),
  run: (i) => {
    const r = register(i.profile.map(pieceOf), i.points_mm, i.fit ? 'free' : 'none');
    const judged = judgeForm(
      r.deviations.map(({ distanceMm }) => distanceMm * 1000),
      [i.band_lower_um, i.band_upper_um],
      i.uncertainty_um,
    );
    return {
      theta_deg: r.thetaRad / DEG,
      tx_mm: r.shiftMm[0],
      ty_mm: r.shiftMm[1],
      max_um: judged.most,
      min_um: judged.least,
      rms_um: judged.rms,
      p95_um: judged.p95,
      count_out: judged.outOfBand,
      verdict: judged.verdict,
    };
  },
});
