import { dialReading } from '../machine/dial';
import { material } from '../material/library';
import { withOverride } from '../material/material';
import { factorChain } from '../mechanics/factor-chain';
import type { CutPlan, DepthPlan, DepthStart } from '../operation/cut-plan';
import { operationOf, type CutSetup } from '../operation/registry';
import { positive } from '../quantity/out-of-range';
import { toolMaterial } from '../tool/library';
import { speedAim } from './aim';
import { withinPower } from './ease-power';
import { withinSpring } from './ease-spring';
import { standingFactors } from './factors';
import { planFeed } from './feed-plan';
import { checkFit } from './misfits';
import type { PlanAt, Within } from './plan-at';
import type { ShopRules } from './rules';
import { planSpeed } from './speed-plan';

const FREE: Within = { rpm: null, feedMmRev: null };

/**
 * What to set on this machine for this cut: a start, to be worked up from.
 *
 * Order: chart range and school, factors, aim, ideal speed, the machine's own speed
 * step under every cap, depth, feed at that step. Then width and depth are eased until
 * the cutter hardly bends, and depth, feed and speed step until the machine drives
 * them with a quarter in reserve. What was picked by hand stays as it was picked: the
 * findings say where it goes beyond a limit. The same inputs give the same answer.
 * What is particular to an operation is asked of its definition.
 *
 * @throws OutOfRange when a diameter, depth, width or stick-out is not above 0
 * @throws DoesNotFit when the machine cannot do it, or sizes do not go together
 * @throws Error when the tool is not of the kind the operation is done with
 */
export function cutPlan(setup: CutSetup, rules: ShopRules): CutPlan {
  const operation = operationOf(setup);
  const metal = withOverride(material(setup.stock.materialKey), setup.stock.own);
  const edge = toolMaterial(operation.readAs ?? setup.tool.material);
  const diameterMm = positive('diameter', operation.rimDiameterMm(setup));
  if (setup.depthMm !== null) positive('depth of cut', setup.depthMm);
  if (setup.widthMm !== null) positive('width of cut', setup.widthMm);
  positive('stick-out', setup.stickOutMm);
  checkFit(setup);

  const standing = standingFactors(setup);
  const { depthFactor } = factorChain(metal, edge, standing);
  const start = operation.startDepth(setup, { metal, edge, depthFactor });
  const at: PlanAt = (from, within = FREE) => {
    const depthMm = setup.depthMm ?? from.startMm;
    const widthMm = from.widthMm && (operation.chosenWidthMm?.(setup, from.widthMm) ?? from.widthMm);
    const names = [...standing, ...operation.depthFactors(setup, depthMm, widthMm)];
    const aim = speedAim(metal, edge, operation.speedColumn, rules, names, setup.learned);
    const speed = planSpeed(setup, rules, edge, aim, diameterMm, within.rpm);
    const { factors } = aim;
    const rpm = speed.rungRpm;
    const feedStart = operation.startFeed(setup, { metal, edge, factors, depthMm, widthMm, rpm });
    const feed = planFeed(setup, feedStart, rpm, edge, depthMm, widthMm, within.feedMmRev);
    return { metal, edge, diameterMm, speed, feed, depth: planDepth(setup, from, depthMm, widthMm) };
  };
  return withinPower(setup, withinSpring(setup, at(start), at), at);
}

function planDepth(
  setup: CutSetup,
  { wantedMm, factor, startMm, reason, widthMm }: DepthStart,
  mm: number,
  widthInUseMm: number | null,
): DepthPlan {
  const operation = operationOf(setup);
  const dial = operation.depthDial(setup.machine);
  const otherMm = Math.max(0, setup.workDiameterMm - 2 * mm);
  return {
    wantedMm,
    factor,
    startMm,
    reason,
    widthMm,
    mm,
    widthInUseMm,
    byHand: setup.depthMm !== null,
    dialDivisions: dial ? dialReading(dial, mm).totalDivisions : null,
    beforeDiameterMm: operation.diameterChange === 'larger' ? otherMm : null,
    afterDiameterMm: operation.diameterChange === 'smaller' ? otherMm : null,
  };
}
