import type { ToolBody } from '@pike-stone/contract';
import { DEG } from '@pike-stone/core';
import type { Sizes } from './sizes';

/** A length of a turned profile, from the shank down; it may taper to another diameter. */
export interface Part {
  readonly mm: number;
  readonly from: number;
  readonly to?: number;
  readonly fluted?: boolean;
}

/** Tools that turn and are drawn from the side. */
export type RoundKind = Extract<
  ToolBody['kind'],
  | 'drill'
  | 'centre-drill'
  | 'reamer'
  | 'end-mill'
  | 'face-mill'
  | 'fly-cutter'
  | 't-slot-cutter'
  | 'dovetail-cutter'
>;

const POINT_DEG = 118;
const CONE_DEG = 60;
/** Shank that is drawn, in diameters of the shank; the rest is cut off by the paper. */
const SHANK_DRAWN = 1.1;
const pointMm = (d: number, includedDeg: number): number => d / 2 / Math.tan((includedDeg / 2) * DEG);

/** The profile of a tool that turns, seen from the side, from the shank down to the point. */
export function profileOf(kind: RoundKind, s: Sizes): readonly Part[] {
  const { diameterMm: d, shankMm } = s;
  const shank = (mm: number): Part => ({ mm: mm * SHANK_DRAWN, from: mm });
  switch (kind) {
    case 'drill':
      return [
        shank(d),
        { mm: s.fluteLengthMm, from: d, fluted: true },
        { mm: pointMm(d, POINT_DEG), from: d, to: 0 },
      ];
    case 'centre-drill':
      return [
        shank(s.bodyMm),
        { mm: (s.bodyMm - d) / 2 / Math.tan((CONE_DEG / 2) * DEG), from: s.bodyMm, to: d },
        { mm: d * 1.2, from: d, fluted: true },
        { mm: pointMm(d, POINT_DEG), from: d, to: 0 },
      ];
    case 'reamer':
      return [shank(d * 0.9), { mm: d * 4, from: d, fluted: true }, { mm: d * 0.12, from: d, to: d * 0.8 }];
    case 'end-mill':
      return [shank(shankMm), { mm: s.fluteLengthMm, from: d, fluted: true }];
    case 'face-mill':
      return [
        shank(Math.min(shankMm, d * 0.5)),
        { mm: d * 0.35, from: d * 0.7, to: d * 0.9 },
        { mm: s.fluteLengthMm, from: d, to: d, fluted: true },
      ];
    case 'fly-cutter':
      return [shank(Math.min(shankMm, d * 0.3)), { mm: d * 0.25, from: d * 0.6 }];
    case 't-slot-cutter':
      return [
        shank(shankMm),
        { mm: d * 0.5, from: Math.min(shankMm, d) * 0.6 },
        { mm: s.headHeightMm, from: d, fluted: true },
      ];
    case 'dovetail-cutter':
      return [
        shank(shankMm),
        {
          mm: s.slantHeightMm,
          from: Math.max(d * 0.15, d - (2 * s.slantHeightMm) / Math.tan(s.angleDeg * DEG)),
          to: d,
          fluted: true,
        },
      ];
  }
}
