import { ALLOWABLE_LENGTH, type SupportedBy } from '../mechanics/deflection';
import { slenderLimits, steadiesFor } from '../mechanics/slender-work';
import { forceConstants, specificForce } from '../mechanics/specific-force';
import type { CutPlan } from '../operation/cut-plan';
import { forceEdge } from '../operation/edge';
import type { Finding } from '../operation/finding';
import { operationOf, type CutSetup } from '../operation/registry';

/** The finest cut that is still of use: feed per turn and depth, mm. */
const FINEST = { feedMmRev: 0.03, depthMm: 0.05 } as const;
/** Push away from the work over the cutting force of that cut. */
const THRUST_RATIO = 0.5;
/** Chuck, centre and slides give way about half as much as the work itself. */
const SPRING_FACTOR = 1.5;
/** Error of the diameter that the finest cut must stay within, mm. */
const ERROR_MM = 0.02;
/** Share of the lowest natural whirling speed that is still safe. */
const SAFE_SHARE = 1 / 3;

/** Work so slender that it bends away from even the finest cut, or whips: in the chuck alone, with a centre, or between centres. */
export function slenderFinding(setup: CutSetup, { metal, edge, speed }: CutPlan): Finding[] {
  const { standsOut, supported } = operationOf(setup);
  if (standsOut !== 'work') return [];
  const support: SupportedBy = supported ? setup.support : 'chuck';
  const { kc } = specificForce(
    forceConstants(metal),
    forceEdge(setup.tool, metal, edge),
    FINEST.feedMmRev,
    speed.actualMPerMin,
    'turn-outside',
  );
  const limits = slenderLimits({
    diameterMm: setup.workDiameterMm,
    boreMm: 0,
    eGPa: metal.eGPa,
    densityKgM3: metal.densityKgM3,
    rpm: speed.rungRpm,
    safeShare: SAFE_SHARE,
    forceN: THRUST_RATIO * kc * FINEST.feedMmRev * FINEST.depthMm,
    springFactor: SPRING_FACTOR,
    diameterErrorMm: ERROR_MM,
  });
  const { chuckMm, centreMm, spanMm } = limits;
  const mostMm = { chuck: chuckMm, 'chuck-and-centre': centreMm, 'between-centres': spanMm }[support];
  const lengthMm = setup.stickOutMm;
  if (lengthMm <= mostMm) return [];
  const needsCentre = supported && support === 'chuck' && lengthMm <= centreMm;
  return [
    {
      code: 'slender',
      level: 'danger',
      lengthMm,
      mostMm,
      support,
      takesCentre: supported,
      // Across an end no centre holds the work: a steady near it does.
      steadies: needsCentre ? 0 : Math.max(1, steadiesFor(lengthMm, limits)),
      usualMm: ALLOWABLE_LENGTH[support] * setup.workDiameterMm,
    },
  ];
}
