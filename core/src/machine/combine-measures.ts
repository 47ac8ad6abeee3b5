import { atLeast, positive, within } from '../quantity/out-of-range';
import type { MeasuredSpeed } from './measured-speed';

/** A measure of one step of a drive whose relative speeds are known. */
export interface StepMeasure extends MeasuredSpeed {
  /** From 0. */
  readonly step: number;
}

export interface CombinedSpeeds {
  readonly rpm: readonly number[];
  readonly uRel: number;
  readonly standardisedResiduals: readonly number[];
  readonly chiSquare: number;
  readonly measuresDisagree: boolean;
  /** The one that does not fit, from 0; null when they agree or when two cannot be told apart. */
  readonly flaggedMeasure: number | null;
  readonly withoutFlagged: { readonly rpm: readonly number[]; readonly uRel: number } | null;
}

/** Weighted mean of ln(measured / relative) and its standard uncertainty. */
function fit(relativeSpeeds: readonly number[], measures: readonly StepMeasure[]) {
  const y = measures.map(({ step, rpm }) =>
    Math.log(
      positive('measured speed', rpm)
        / positive('relative speed', relativeSpeeds[within('step', step, 0, relativeSpeeds.length - 1)]!),
    ),
  );
  const w = measures.map(({ uRel }) => 1 / positive('uncertainty', uRel) ** 2);
  const total = w.reduce((sum, one) => sum + one, 0);
  const c = y.reduce((sum, one, i) => sum + one * w[i]!, 0) / total;
  return { y, c, uRel: 1 / Math.sqrt(total), rpm: relativeSpeeds.map((r) => r * Math.exp(c)) };
}

/**
 * One speed table from several measures, by least squares on a log scale.
 *
 * A standardised residual above the limit means the measures disagree. With
 * three or more the worst is flagged (belt slip shows as a fast step that is
 * slow, a wrong pulley on one step only) and the table is given without it too;
 * with two neither can be blamed. Nothing is dropped without the user's word.
 *
 * @param relativeSpeeds  of every step, from the pulleys, any scale
 */
export function combineMeasures(
  relativeSpeeds: readonly number[],
  measures: readonly StepMeasure[],
  flagLimit = 3,
): CombinedSpeeds {
  atLeast('measures', measures, 1);
  const { y, c, uRel, rpm } = fit(relativeSpeeds, measures);
  const standardisedResiduals = measures.map((measure, i) =>
    measures.length === 1 ? 0 : (y[i]! - c) / Math.sqrt(measure.uRel ** 2 - uRel ** 2),
  );
  const worst = standardisedResiduals.reduce(
    (at, z, i) => (Math.abs(z) > Math.abs(standardisedResiduals[at]!) ? i : at),
    0,
  );
  const measuresDisagree = Math.abs(standardisedResiduals[worst]!) > flagLimit;
  const flaggedMeasure = measuresDisagree && measures.length >= 3 ? worst : null;
  const rest =
    flaggedMeasure === null
      ? null
      : fit(
          relativeSpeeds,
          measures.filter((_, i) => i !== flaggedMeasure),
        );
  return {
    rpm,
    uRel,
    standardisedResiduals,
    measuresDisagree,
    flaggedMeasure,
    chiSquare: measures.reduce((sum, measure, i) => sum + ((y[i]! - c) / measure.uRel) ** 2, 0),
    withoutFlagged: rest && { rpm: rest.rpm, uRel: rest.uRel },
  };
}
