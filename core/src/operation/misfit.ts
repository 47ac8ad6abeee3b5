import type { MachineKind } from '../machine/machine';

/** What was chosen that does not go together, by code, with both sizes. */
export interface MisfitData {
  /** The machine does not do this. */
  'not-on-machine': { readonly machine: MachineKind };
  /** Deeper than the middle of the work. */
  'past-centre': { readonly depthMm: number; readonly diameterMm: number };
  /** The bar is too thick for the hole it must go into; it may fill so much of it at most. */
  'bar-in-bore': { readonly barMm: number; readonly boreMm: number; readonly mostMm: number };
  /** The hole is as large as the work. */
  'hole-in-work': { readonly holeMm: number; readonly workMm: number };
  /** The collars of the arbor run against the work. */
  'past-collar': { readonly depthMm: number; readonly diameterMm: number; readonly mostMm: number };
  'wider-than-cutter': { readonly widthMm: number; readonly diameterMm: number };
  'narrower-than-blade': { readonly widthMm: number; readonly bladeMm: number };
  /** Coarser than half of the diameter. */
  'pitch-too-coarse': { readonly pitchMm: number; readonly diameterMm: number; readonly mostMm: number };
}
export type MisfitCode = keyof MisfitData;

/** Choices of a set-up that a misfit is told at. */
export type MisfitField = 'operation' | 'workDiameterMm' | 'depthMm' | 'widthMm' | 'pitchMm';

export type MisfitOf<C extends MisfitCode> = {
  readonly code: C;
  readonly field: MisfitField;
} & MisfitData[C];
export type Misfit = { [C in MisfitCode]: MisfitOf<C> }[MisfitCode];

/** A set-up that cannot be. It carries what does not go together; people are told in their own words. */
export class DoesNotFit extends RangeError {
  constructor(readonly misfit: Misfit) {
    super(`${misfit.field}: ${misfit.code}`);
    this.name = 'DoesNotFit';
  }
}

/** Sizes that differ by less than this are the same size. */
const SLACK = 1 + 1e-9;

/** A depth on the radius goes to the middle of the work at most. */
export const pastCentre = (depthMm: number | null, diameterMm: number): Misfit[] =>
  depthMm !== null && depthMm > (diameterMm / 2) * SLACK
    ? [{ code: 'past-centre', field: 'depthMm', depthMm, diameterMm }]
    : [];

/** A cut is as wide as its cutter at most. */
export const widerThanCutter = (widthMm: number | null, diameterMm: number): Misfit[] =>
  widthMm !== null && widthMm > diameterMm * SLACK
    ? [{ code: 'wider-than-cutter', field: 'widthMm', widthMm, diameterMm }]
    : [];

/** A groove is as wide as its blade at least. */
export const narrowerThanBlade = (widthMm: number | null, bladeMm: number): Misfit[] =>
  widthMm !== null && widthMm * SLACK < bladeMm
    ? [{ code: 'narrower-than-blade', field: 'widthMm', widthMm, bladeMm }]
    : [];

/** A hole is smaller than the work it is made in. */
export const holeInWork = (holeMm: number, workMm: number): Misfit[] =>
  holeMm * SLACK >= workMm ? [{ code: 'hole-in-work', field: 'workDiameterMm', holeMm, workMm }] : [];

/** A disc goes in as deep as the collars of its arbor let it. */
export const pastCollar = (depthMm: number | null, diameterMm: number, mostMm: number): Misfit[] =>
  depthMm !== null && depthMm > mostMm * SLACK
    ? [{ code: 'past-collar', field: 'depthMm', depthMm, diameterMm, mostMm }]
    : [];

/** A pitch is half of the diameter at most. */
export const pitchTooCoarse = (pitchMm: number, diameterMm: number): Misfit[] =>
  pitchMm > (diameterMm / 2) * SLACK
    ? [{ code: 'pitch-too-coarse', field: 'pitchMm', pitchMm, diameterMm, mostMm: diameterMm / 2 }]
    : [];
