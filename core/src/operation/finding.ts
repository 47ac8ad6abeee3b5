import type { SupportedBy } from '../mechanics/deflection';
import type { FactorName } from '../mechanics/factor-chain';
import type { Cutting, StandsOut } from './cutting';
import type { LighterTool } from './lighter-tool';

/** A note informs, a caution asks for a change, a danger must not be run. */
export type FindingLevel = 'note' | 'caution' | 'danger';

/** No figures beside the code. */
type Bare = Record<never, never>;

/** Findings that follow from the numbers of a cut, by code, with the figures of their sentences. */
export interface FindingData {
  // Limits of the machine that the set-up exceeds.
  swing: { readonly workMm: number; readonly mostMm: number };
  'over-slide': { readonly mostMm: number };
  'between-centres': { readonly mostMm: number };
  stroke: { readonly mostMm: number };
  'tool-height': { readonly shankMm: number; readonly mostMm: number };
  'chuck-rpm': { readonly markedRpm: number; readonly rpm: number };
  collet: { readonly shankMm: number; readonly colletsMm: readonly number[] };
  'largest-drill': { readonly mostMm: number };
  // Power and speed.
  power: {
    readonly share: number;
    readonly tighter: 'power' | 'torque';
    /** In the quantity that is tighter: N·m or kW. */
    readonly needs: number;
    readonly has: number;
    readonly beltFirst: boolean;
    readonly cutting: Cutting;
    /** A tool that would be driven, where the tool is what asks for so much. */
    readonly lighter: LighterTool | null;
  };
  'below-useful': {
    readonly actualMPerMin: number;
    readonly leastMPerMin: number;
    readonly edgeName: string;
    readonly carbide: boolean;
  };
  'machine-too-slow': {
    readonly actualMPerMin: number;
    readonly aimMPerMin: number;
    readonly carbide: boolean;
  };
  'too-fast': {
    readonly actualMPerMin: number;
    readonly limitMPerMin: number;
    readonly edgeName: string;
    readonly hss: boolean;
    /** The machine has no slower step. */
    readonly slowest: boolean;
  };
  /** Picked above what the chart leaves with the factors of this set-up. */
  'above-band': {
    readonly rpm: number;
    readonly lowRpm: number;
    readonly highRpm: number;
    readonly factors: readonly FactorName[];
  };
  'ram-fast': { readonly mostRpm: number; readonly slowest: boolean };
  // Feed and depth.
  'no-feed-window': Bare;
  rubbing: Bare;
  'feed-high': {
    readonly finest: boolean;
    readonly mostMmRev: number;
    readonly limit: 'nose-radius' | 'machine-feed' | 'tooth' | 'chart';
  };
  'hand-fast': Bare;
  'on-the-skin': { readonly skinMm: number };
  'skin-left': { readonly skinMm: number };
  'depth-rubs': Bare;
  'nose-depth': { readonly leastMm: number };
  peck: {
    /** Depth of the first clearing; from where on it is often, and each so many. */
    readonly firstMm: number;
    readonly oftenFromMm: number;
    readonly everyMm: number;
  };
  /** Work, bar or cutter gives way more than is let pass. */
  springs: {
    readonly what: 'work' | 'bar' | 'cutter';
    readonly errorMm: number;
    readonly mostMm: number;
    /** Depth at which it would be let pass. */
    readonly depthMm: number;
  };
  /** Deeper than the edges of the cutter are long: flutes of an end mill, the head or the form of others. */
  'flute-length': { readonly lengthMm: number; readonly what: 'flutes' | 'edges' };
  // Set-up and cutter.
  burdens: Bare;
  overhang: {
    readonly standsOut: StandsOut;
    /** Set when a centre at its end would help. */
    readonly support: SupportedBy | null;
    readonly ratio: number;
    readonly allowable: number;
  };
  /** Work that bends away from even the finest cut, or whips. */
  slender: {
    readonly lengthMm: number;
    /** Longest free length that holds as it is held, by bending and whirling. */
    readonly mostMm: number;
    readonly support: SupportedBy;
    /** A centre can be brought up: not where the tool goes across the end. */
    readonly takesCentre: boolean;
    /** Steadies that are needed; 0 where a centre alone does. */
    readonly steadies: number;
    /** Longest by the usual rule of diameters. */
    readonly usualMm: number;
  };
  coating: Bare;
  'chip-thinning': { readonly percent: number };
  'full-width': Bare;
  /** The side of a hand-ground edge rubs at this feed. */
  'flank-rubs': { readonly mostMmRev: number; readonly sideClearanceDeg: number; readonly measured: boolean };
  /** The heel of a hand-ground edge stands into the wall of the bore. */
  'heel-rubs': { readonly boreMm: number; readonly gapMm: number };
  'centre-height': { readonly offMm: number; readonly bore: boolean; readonly turnsDeg: number };
  'centre-cutting': { readonly ramping: boolean };
  'centre-unknown': { readonly ramping: boolean };
  // Single operations.
  'parting-centre': Bare;
  'facing-centre': {
    readonly insideMm: number;
    readonly carbide: boolean;
    /** A faster step that becomes right from this diameter inward. */
    readonly faster: { readonly fromMm: number; readonly rpm: number } | null;
  };
  'shoulder-slope': { readonly approachDeg: number };
  'shoulder-corner': { readonly noseMm: number };
  'groove-deep': { readonly mostMm: number };
  'thread-fast': {
    readonly mmPerS: number;
    readonly mostMmPerS: number;
    /** The machine has no slower step: the spindle is turned by hand. */
    readonly slowest: boolean;
  };
  'thread-nose': { readonly mostMm: number };
  'thread-gears': Bare;
  'taper-point': Bare;
  'set-over': { readonly mostMm: number };
  'set-over-reset': Bare;
  'offset-level': Bare;
  'compound-travel': { readonly travelMm: number };
  'taper-height': Bare;
  'knurl-blank': { readonly blankMm: number };
  'form-broad': { readonly widthMm: number };
  'form-small': Bare;
  'slot-deep': { readonly mostMm: number };
  'ramp-steep': Bare;
  'head-fast': { readonly rpm: number };
  'fly-skin': Bare;
  'saw-fine': { readonly teethInCut: number; readonly depthMm: number };
  'saw-coarse': { readonly teethInCut: number };
  't-slot-neck': { readonly dry: boolean };
  'dovetail-rough': { readonly angleDeg: number };
}

export type FindingCode = keyof FindingData;
export type FindingOf<C extends FindingCode> = {
  readonly code: C;
  readonly level: FindingLevel;
} & FindingData[C];
export type Finding = { [C in FindingCode]: FindingOf<C> }[FindingCode];
