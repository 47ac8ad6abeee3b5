// Cut plans computed on one core: every demo machine, metal and fitting tool, at many diameters.
import { cutPlan, DEFAULT_RULES, MACHINE_OPERATIONS, OPERATIONS, type CutSetup } from '@pike-stone/core';
import { toSetup, type CutChoice } from '@pike-stone/contract';
import { MACHINES } from '../../server/src/demo/machines';
import { METALS, STOCK } from '../../server/src/demo/stock';
import { TOOLS } from '../../server/src/demo/tools';

const SECONDS = 3;
const choice = { machineId: '', stockId: '', toolId: '', workDiameterMm: 30, cutterDiameterMm: null, stickOutMm: 50, support: 'chuck', fluid: 'brush', interrupted: false, firstPassOnSkin: false, depthMm: null, widthMm: null, rpmByHand: null, feedByHand: null } as const;

const setups: CutSetup[] = MACHINES.flatMap((machine) => MACHINE_OPERATIONS[machine.kind].flatMap((operation) => STOCK.flatMap((stock) => TOOLS.filter((tool) => tool.kind === OPERATIONS[operation].tool)
  .map((tool) => toSetup({ ...choice, operation } as CutChoice, machine, stock, tool, METALS[0] ?? null)))));

function run(seconds: number): number {
  const end = performance.now() + seconds * 1_000;
  let plans = 0;
  let sum = 0;
  while (performance.now() < end) {
    for (const setup of setups) {
      sum += cutPlan({ ...setup, workDiameterMm: 5 + (plans % 300) }, DEFAULT_RULES).speed.rungRpm;
      plans += 1;
    }
  }
  if (!Number.isFinite(sum)) throw new Error('a plan had no speed');
  return plans;
}

run(1);
console.log(JSON.stringify({ setups: setups.length, perSecond: Math.round(run(SECONDS) / SECONDS) }));
