import { ALLOWABLE_LENGTH } from '../mechanics/deflection';
import type { FactorName } from '../mechanics/factor-chain';
import { barDiameterMm } from '../operation/family/bored';
import type { StandsOut } from '../operation/cutting';
import { operationOf, type CutSetup } from '../operation/registry';
import { rotates } from '../tool/tool';

/** Stick-out over diameter that is usual, of what is not held at both ends. */
const ALLOWABLE: Readonly<Record<StandsOut, number>> = {
  work: ALLOWABLE_LENGTH.chuck,
  cutter: 4,
  bar: 4,
  blade: 1,
};
/** Half as far again as it should stick out is very long. */
const VERY_LONG = 1.5;

/** Diameter of what stands out of its hold, mm. */
function standingDiameterMm({ tool, workDiameterMm }: CutSetup, standsOut: StandsOut): number {
  if (standsOut === 'bar' && tool.kind === 'boring-bar') return barDiameterMm({ tool, workDiameterMm });
  return standsOut === 'cutter' && rotates(tool) ? tool.diameterMm : workDiameterMm;
}

export interface Overhang {
  readonly standsOut: StandsOut;
  readonly diameterMm: number;
  /** Stick-out in diameters, as it is and as it is usual. */
  readonly ratio: number;
  readonly allowable: number;
}

/** How far work or cutter stands out of its hold; null where nothing does. */
export function overhang(setup: CutSetup): Overhang | null {
  const { standsOut, supported } = operationOf(setup);
  if (standsOut === null) return null;
  const diameterMm = standingDiameterMm(setup, standsOut);
  return {
    standsOut,
    diameterMm,
    ratio: setup.stickOutMm / diameterMm,
    allowable: supported ? ALLOWABLE_LENGTH[setup.support] : ALLOWABLE[standsOut],
  };
}

/** Factors that follow from the set-up alone, before a depth is known. */
export function standingFactors(setup: CutSetup): FactorName[] {
  const { machine, fluid, interrupted, firstPassOnSkin, stock, tool } = setup;
  const out = overhang(setup);
  const beyond = (times: number): boolean => out !== null && out.ratio > out.allowable * times;
  const found: readonly (FactorName | false)[] = [
    machine.condition === 'tired' && 'tired-machine',
    machine.light && 'light-machine',
    fluid === 'dry' && 'no-fluid',
    interrupted && 'interrupted-cut',
    firstPassOnSkin && 'scale-first-pass',
    beyond(VERY_LONG) ? 'very-long-overhang' : beyond(1) && 'long-overhang',
    operationOf(setup).fullWidth !== null && 'full-width-slot',
    stock.uncertain && 'unknown-alloy',
    tool.dull && 'dull-tool',
  ];
  return found.filter((name): name is FactorName => name !== false);
}
