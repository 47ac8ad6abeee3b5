import type { StepKey } from './grind-step';

/** The cut that a bit is ground for, as far as it is known. */
export interface BitUse {
  readonly side: 'outside' | 'bore';
  /** Of the work or the bore. */
  readonly diameterMm: number;
  readonly depthMm: number;
  readonly feedMm: number;
  /** Nose above the axis, positive. */
  readonly heightErrorMm: number;
}

/** What is wrong with a bit before it is ground, each with what it is about. */
export type BitFinding =
  | { readonly code: 'no-metal' }
  | { readonly code: 'face-gone'; readonly step: StepKey }
  | {
      readonly code: 'weak-section';
      readonly share: number;
      readonly widthMm: number;
      readonly heightMm: number;
      readonly behindMm: number;
    }
  | { readonly code: 'breaks'; readonly stressMPa: number; readonly allowedMPa: number }
  | { readonly code: 'weak-wedge'; readonly deg: number; readonly leastDeg: number }
  | { readonly code: 'no-wedge'; readonly deg: number }
  | {
      readonly code: 'little-clearance';
      readonly step: StepKey;
      readonly deg: number;
      readonly leastDeg: number;
    }
  | {
      readonly code: 'rubs-in-bore';
      readonly boreMm: number;
      readonly gapMm: number;
      readonly secondDeg: number | null;
    }
  | { readonly code: 'bore-too-small'; readonly boreMm: number; readonly bitMm: number }
  | { readonly code: 'wasted-stock'; readonly downMm: number }
  | { readonly code: 'nose-too-large'; readonly noseMm: number; readonly mostMm: number }
  | { readonly code: 'groove-too-wide'; readonly widthMm: number; readonly mostMm: number }
  | { readonly code: 'edge-too-short'; readonly edgeMm: number; readonly depthMm: number }
  | { readonly code: 'edge-leaves-blank'; readonly edgeMm: number; readonly plannedMm: number }
  | { readonly code: 'blade-too-short'; readonly bladeMm: number; readonly neededMm: number }
  | { readonly code: 'blank-too-narrow'; readonly neededMm: number; readonly widthMm: number }
  | { readonly code: 'hollow-deep'; readonly sagittaMm: number };

/** Findings with which a bit is not worth grinding. */
const STOPS: readonly BitFinding['code'][] = [
  'no-metal',
  'no-wedge',
  'nose-too-large',
  'groove-too-wide',
  'blank-too-narrow',
  'bore-too-small',
];
export const stopsGrinding = ({ code }: BitFinding): boolean => STOPS.includes(code);
