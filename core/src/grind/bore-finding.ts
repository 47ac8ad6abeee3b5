import { boreClearance, secondClearance, type BoreSection } from '../bit/bore-clearance';
import type { BitFinding, BitUse } from './bit-finding';
import type { BitPlan } from './bit-plan';
import { BORE_GAP_MM } from './grind-limits';
import { heelAlongShank, heelToGrind } from './heel-in-bore';

/** The bit in the section square to the bore, as it is planned. */
export function boreSection(plan: BitPlan, heightErrorMm: number): BoreSection {
  return {
    primaryDeg: plan.angles.frontClearanceDeg,
    heelMm: plan.blank.heightMm - plan.noseDownMm,
    heightErrorMm,
    landMm: plan.heel?.landMm,
    secondaryDeg: plan.heel ? heelAlongShank(plan, plan.heel.clearanceDeg) : undefined,
  };
}

export function boreFinding(
  plan: BitPlan,
  { side, diameterMm, heightErrorMm }: BitUse,
): readonly BitFinding[] {
  if (side !== 'bore') return [];
  const section = boreSection(plan, heightErrorMm);
  if (section.heelMm >= diameterMm / 2 + heightErrorMm)
    return [{ code: 'bore-too-small', boreMm: diameterMm, bitMm: section.heelMm }];
  const { gapMm } = boreClearance(section, diameterMm);
  if (gapMm >= BORE_GAP_MM / 2) return [];
  const landMm = plan.heel?.landMm ?? 1;
  const secondDeg =
    landMm < section.heelMm
      ? heelToGrind(plan, secondClearance(section, landMm, diameterMm, BORE_GAP_MM))
      : null;
  return [{ code: 'rubs-in-bore', boreMm: diameterMm, gapMm, secondDeg }];
}
