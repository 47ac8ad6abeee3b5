/** What a job asks beside its cut. */
export interface JobWants {
  readonly parts: number;
  readonly finishRaUm: number;
  /** Whole width of the tolerance, mm. */
  readonly toleranceMm: number;
  /** Passes that a part takes. */
  readonly passes: number;
  /** Blows are heavy: a hexagon, a gap as wide as the work. Counts only where the cut is interrupted. */
  readonly heavyBlows: boolean;
  readonly specialForm: boolean;
}

/** One part to a turned finish and a tenth of a millimetre, in three passes. */
export const USUAL_WANTS: JobWants = {
  parts: 1,
  finishRaUm: 3.2,
  toleranceMm: 0.1,
  passes: 3,
  heavyBlows: false,
  specialForm: false,
};
