import { toSetup, type CutBody, type CutChoice } from '@pike-stone/contract';
import { cutPlan, DEFAULT_RULES } from '@pike-stone/core';
import { MACHINES } from './machines';
import { demoId } from './shop';
import { METALS, STOCK } from './stock';
import { TOOLS } from './tools';

interface Taken {
  readonly on: string;
  readonly machine: number;
  readonly stock: number;
  readonly tool: string;
  readonly choice: Partial<CutChoice> & Pick<CutChoice, 'operation'>;
  readonly outcome: CutBody['outcome'];
  readonly remark: string;
  /** Values really set at the machine, as shares of the planned ones. */
  readonly feedShare?: number;
}

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

const round = (value: number, places: number): number => Number(value.toFixed(places));

/** Past cuts of the demo, planned by the core. */
export const CUTS: readonly CutBody[] = TAKEN.map(
  ({ on, machine, stock, tool, choice, outcome, remark, feedShare = 1 }) => {
    const toolIndex = TOOLS.findIndex((one) => one.name === tool);
    const [machineBody, stockBody, toolBody] = [MACHINES[machine]!, STOCK[stock]!, TOOLS[toolIndex]!];
    const full: CutChoice = {
      machineId: demoId(1, machine + 1),
      stockId: demoId(2, stock + 1),
      toolId: demoId(3, toolIndex + 1),
      workDiameterMm: 30,
      cutterDiameterMm: null,
      stickOutMm: 40,
      support: 'chuck',
      fluid: 'brush',
      interrupted: false,
      firstPassOnSkin: false,
      depthMm: null,
      widthMm: null,
      rpmByHand: null,
      feedByHand: null,
      ...choice,
    };
    const metal = METALS.find((_, i) => demoId(5, i + 1) === stockBody.metal) ?? null;
    const plan = cutPlan(toSetup(full, machineBody, stockBody, toolBody, metal), DEFAULT_RULES);
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
      set: { ...planned, feedMmRev: round(planned.feedMmRev * feedShare, 4) },
      outcome,
      remark,
    };
  },
);
