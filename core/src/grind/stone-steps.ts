import { cross, dot, plus, times, unit, type Vector } from '../quantity/vector';
import type { GrindStep } from './grind-step';
import type { Layout } from './layout';

/** A chip breaker behind the main edge, by a stone or the corner of a wheel. */
export function grooveStep({ plan, nose }: Layout, rake: Vector, major: Vector): GrindStep | null {
  const { groove } = plan;
  if (!groove) return null;
  const crossed = cross(rake, major);
  const edge = unit(crossed[0] < 0 ? crossed : times(crossed, -1));
  const inwardRaw = cross(edge, rake);
  const inward = dot(inwardRaw, major) < 0 ? inwardRaw : times(inwardRaw, -1);
  const height = Math.sqrt(groove.radiusMm ** 2 - groove.widthMm ** 2 / 4);
  const middle = plus(nose, times(inward, groove.landMm + groove.widthMm / 2));
  return {
    key: 'groove',
    cut: {
      by: 'groove',
      keep: [],
      reachMm: plan.sizes.edgeMm,
      rounds: [
        {
          through: plus(middle, times(rake, height)),
          axis: edge,
          towards: times(rake, -1),
          radiusMm: groove.radiusMm,
        },
      ],
    },
    normal: null,
    setting: null,
    swing: null,
    readings: [],
    wheel: 'round',
    check: 'lens',
  };
}

/** The edge by stones, the last of every bit. */
export const HONE: GrindStep = {
  key: 'hone',
  cut: null,
  normal: null,
  setting: null,
  swing: null,
  readings: [],
  wheel: 'stone',
  check: 'lens',
};
