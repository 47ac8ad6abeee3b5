// Cut plans computed on one core: every demo machine, metal and fitting tool, at many diameters.
import { costSpread, usualSpread } from '@pike-stone/core/choose';
import { COST_INPUTS } from '@pike-stone/core/choose-fixture';
import { forecast, whatLimits } from '@pike-stone/core/forecast';
import { cutPlan, DEFAULT_RULES, MACHINE_OPERATIONS, OPERATIONS, type CutSetup } from '@pike-stone/core';
import { toSetup, UNSAID_CHOICE, type CutChoice } from '@pike-stone/contract';
import { MACHINES } from '../../server/src/demo/machines';
import { METALS, STOCK } from '../../server/src/demo/stock';
import { TOOLS } from '../../server/src/demo/tools';

const SECONDS = 3;
const choice = {
  ...UNSAID_CHOICE,
  machineId: '',
  stockId: '',
  toolId: '',
  workDiameterMm: 30,
  stickOutMm: 50,
} as const;

const setups: CutSetup[] = MACHINES.flatMap((machine) =>
  MACHINE_OPERATIONS[machine.kind].flatMap((operation) =>
    STOCK.flatMap((stock) =>
      TOOLS.filter((tool) => tool.kind === OPERATIONS[operation].tool).map((tool) =>
        toSetup({ ...choice, operation } as CutChoice, machine, stock, tool, METALS[0] ?? null),
      ),
    ),
  ),
);

/** Plan alone, and plan with everything it will do and every limit. */
const PLAIN = (setup: CutSetup): number => cutPlan(setup, DEFAULT_RULES).speed.rungRpm;
function whole(setup: CutSetup): number {
  const plan = cutPlan(setup, DEFAULT_RULES);
  return whatLimits(setup, plan, forecast(setup, plan))[0]!.found.start;
}

function run(seconds: number, plan: (setup: CutSetup) => number): number {
  const end = performance.now() + seconds * 1_000;
  let plans = 0;
  let sum = 0;
  while (performance.now() < end) {
    for (const setup of setups) {
      sum += plan({ ...setup, workDiameterMm: 25 + (plans % 275) });
      plans += 1;
    }
  }
  if (!Number.isFinite(sum)) throw new Error('a plan had no speed');
  return plans;
}

/** The middle of a few runs of 100,000 trials of a cost, milliseconds. */
function trialsMs(): number {
  const times = Array.from({ length: 5 }, () => {
    const begun = performance.now();
    costSpread(1, 100_000, COST_INPUTS, usualSpread(COST_INPUTS));
    return performance.now() - begun;
  });
  return Math.round(times.sort((a, b) => a - b)[2]!);
}

run(1, PLAIN);
const perSecond = Math.round(run(SECONDS, PLAIN) / SECONDS);
run(1, whole);
console.log(
  JSON.stringify({
    setups: setups.length,
    perSecond,
    trialsMs: trialsMs(),
    wholeUs: Number(((1e6 * SECONDS) / run(SECONDS, whole)).toFixed(1)),
  }),
);
