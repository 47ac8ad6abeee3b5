import { toSetup, UNSAID_CHOICE, type CutBody, type CutChoice } from '@pike-stone/contract';
import { signTool, wasRight } from '@pike-stone/core/learn';
import { cutPlan, DEFAULT_RULES } from '@pike-stone/core';
import { MACHINES } from './machines';
import { demoId } from './shop';
import { METALS, STOCK } from './stock';
import type { Taken } from './taken';
import { TOOLS } from './tools';
import { TRIALS } from './trials';

const TAKEN: readonly Taken[] = [
  {
    on: '2026-09-14T08:20:00.000Z',
    machine: 0,
    stock: 3,
    tool: 'HSS knife tool',
    choice: { operation: 'turn', workDiameterMm: 60, stickOutMm: 70 },
    outcome: 'worked',
    remark: 'Lower pump bush, outside. Short curled chip, good face.',
  },
  {
    on: '2026-09-29T13:05:00.000Z',
    machine: 1,
    stock: 4,
    tool: 'Brazed carbide, cast iron',
    choice: { operation: 'turn', workDiameterMm: 178, stickOutMm: 60, firstPassOnSkin: true, fluid: 'dry' },
    outcome: 'so-so',
    remark:
      'Return sheave. First pass under the skin held; corner of the edge chipped at the gate of the casting.',
  },
  {
    on: '2026-10-06T09:40:00.000Z',
    machine: 2,
    stock: 6,
    tool: 'HSS end mill 12, 4 flutes',
    choice: { operation: 'mill-side', stickOutMm: 30 },
    outcome: 'worked',
    remark: 'Hatch frame edges. Paraffin by brush, nothing welded.',
  },
  {
    on: '2026-10-21T10:15:00.000Z',
    machine: 1,
    stock: 0,
    tool: 'Coated insert 0.8',
    choice: {
      operation: 'turn',
      workDiameterMm: 50,
      stickOutMm: 380,
      support: 'chuck-and-centre',
      depthMm: 1.5,
      fluid: 'dry',
    },
    outcome: 'did-not-work',
    remark: 'Winch shaft. Long ribbons at this feed, one lever up broke them.',
    feedShare: 1.25,
  },
  {
    on: '2026-11-12T14:30:00.000Z',
    machine: 0,
    stock: 1,
    tool: 'HSS roughing bit, 60° approach',
    choice: { operation: 'turn', workDiameterMm: 32, stickOutMm: 80, firstPassOnSkin: true },
    outcome: 'worked',
    remark: 'Railing stanchion. Went under the scale in one.',
  },
];

/** Values that were set, with the speed step of the machine that is meant. */
function stepped(set: Taken['set'], { speeds }: { readonly speeds: readonly { readonly rpm: number }[] }) {
  const meant = set?.rpm;
  if (meant === undefined) return set;
  const off = (rpm: number): number => Math.abs(rpm / meant - 1);
  return {
    ...set,
    rpm: speeds.reduce((best, { rpm }) => (off(rpm) < off(best) ? rpm : best), speeds[0]!.rpm),
  };
}

function verdictsOf(...seen: Parameters<typeof wasRight>) {
  const { speed, feed } = wasRight(...seen);
  return { speedWas: speed, feedWas: feed };
}

const round = (value: number, places: number): number => Number(value.toFixed(places));

/** What is set up for a cut of the demo, by the places of its records. */
export function choiceOf({
  machine,
  stock,
  tool,
  choice,
}: Pick<Taken, 'machine' | 'stock' | 'tool' | 'choice'>) {
  const toolIndex = TOOLS.findIndex((one) => one.name === tool);
  const full: CutChoice = {
    machineId: demoId(1, machine + 1),
    stockId: demoId(2, stock + 1),
    toolId: demoId(3, toolIndex + 1),
    ...UNSAID_CHOICE,
    workDiameterMm: 30,
    stickOutMm: 40,
    ...choice,
  };
  const [machineBody, stockBody, toolBody] = [MACHINES[machine]!, STOCK[stock]!, TOOLS[toolIndex]!];
  const metal = METALS.find((_, i) => demoId(5, i + 1) === stockBody.metal) ?? null;
  const plan = cutPlan(toSetup(full, machineBody, stockBody, toolBody, metal), DEFAULT_RULES);
  return { full, plan, machineBody, stockBody };
}

/** Past cuts of the demo, planned by the core. */
export const CUTS: readonly CutBody[] = [...TAKEN, ...TRIALS].map(
  ({ on, machine, stock, tool, choice, outcome, remark, feedShare = 1, set, measured, trial }) => {
    const { full, plan, machineBody, stockBody } = choiceOf({ machine, stock, tool, choice });
    const planned = {
      rpm: plan.speed.rungRpm,
      feedMmRev: round(plan.feed.mmRev, 4),
      depthMm: round(plan.depth.mm, 3),
    };
    return {
      ...full,
      takenAt: on,
      names: { machine: machineBody.name, stock: stockBody.name, tool },
      diameterMm: plan.diameterMm,
      planned: { ...planned, setting: plan.speed.setting, aimMPerMin: round(plan.speed.aimMPerMin, 2) },
      set: { ...planned, feedMmRev: round(planned.feedMmRev * feedShare, 4), ...stepped(set, machineBody) },
      outcome,
      remark,
      ...(measured && { measured }),
      ...(trial && {
        runId: demoId(13, trial.run),
        changed: trial.changed,
        better: trial.better ?? false,
        signs: [...trial.signs],
        ...verdictsOf(signTool(plan.edge), trial.signs, outcome),
      }),
    };
  },
);
