import type { Vector } from '../quantity/vector';
import type { HalfSpace } from './convex';

/** Steel to begin with: a bar along x from -length to 0, its corner at the origin, y and z below 0. */
export interface Blank {
  readonly section: 'square' | 'round';
  readonly lengthMm: number;
  /** Across the shank; of a round blank its diameter. */
  readonly widthMm: number;
  /** Of a round blank the same as the width. */
  readonly heightMm: number;
}

/** A long round: a wheel that hollows a face, or the stone that grinds a groove. */
export interface Cylinder {
  readonly through: Vector;
  readonly axis: Vector;
  /** Direction from the axis to the bit. */
  readonly towards: Vector;
  readonly radiusMm: number;
  /** Where it begins and ends along its axis, from `through`; left out: it has no end. */
  readonly along?: readonly [fromMm: number, toMm: number] | undefined;
  /** How far its flats may stand off it; left out: half a micrometre. */
  readonly standOffMm?: number | undefined;
}

/** One grind: takes away what lies ahead of its reach and outside of what it keeps. */
export interface SolidCut {
  /** Name of the step; its faces carry it. */
  readonly by: string;
  /** Flat faces left: the steel stays where every one of them holds. */
  readonly keep: readonly HalfSpace[];
  /** How far back from the front of the blank the wheel goes; the cut ends there in a wall. */
  readonly reachMm: number;
  /** Rounds that make the face instead of the flats, which then stand for it where no round can be cut. */
  readonly rounds?: readonly Cylinder[] | undefined;
  /** Flat-sided parts that are taken out, each where all of its half-spaces hold: flutes, gashes. Where there are rounds, they stand for these in the plain way of cutting. */
  readonly wedges?: readonly (readonly HalfSpace[])[] | undefined;
}

/** A bit of the surface of a solid, flat, with its corners counter-clockwise from outside. */
export interface Facet {
  readonly corners: readonly Vector[];
  readonly normal: Vector;
  /** Step that left it; 'blank' for what was there. */
  readonly by: string;
  /** For each side, from its corner to the next: whether it is an edge to be drawn. */
  readonly sharp: readonly boolean[];
}

/** A solid after its cuts. */
export interface GroundSolid {
  readonly facets: readonly Facet[];
  readonly volumeMm3: number;
  /** Volume that each cut took, in their order. */
  readonly removedMm3: readonly number[];
  /** Rounds are left as flats: the plain way of cutting cannot make them. */
  readonly flatOnly: boolean;
}

/** What a blank's own faces are called. */
export const BLANK = 'blank';
