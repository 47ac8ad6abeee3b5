import { fromFlatTool, toolBody } from '@pike-stone/contract';
import {
  MATERIALS,
  MACHINE_OPERATIONS,
  OPERATIONS,
  type CutSetup,
  type Machine,
  type OperationKey,
  type ShopRules,
  type Tool,
} from '@pike-stone/core';
import type { UnitSystem } from '@pike-stone/words';
import { MACHINES } from '../src/demo/machines';
import flatTools from './flat-tools.json';

/** One whole cut to be planned, and the units its sentences are told in. */
export interface Case {
  readonly setup: CutSetup;
  readonly rules: ShopRules;
  readonly units: UnitSystem;
}

/** Plans made for each operation on each machine that has it. */
const PLANS_EACH = 40;

/** Repeatable numbers from 0 to 1 (mulberry32). */
function chance(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

const machineOf = <K extends Machine['kind']>(kind: K, at = 0) =>
  MACHINES.filter((one): one is Extract<(typeof MACHINES)[number], { kind: K }> => one.kind === kind)[at]!;
const [bayLathe, longLathe] = [machineOf('lathe'), machineOf('lathe', 1)];
const kneeMill = machineOf('vertical-mill');
const drillPress = machineOf('drill-press');
const shaper = machineOf('shaper');

/** The demo machines, and some that differ in one respect each. */
const CASE_MACHINES: readonly Machine[] = [
  bayLathe,
  longLathe,
  {
    ...longLathe,
    name: 'Bench lathe',
    light: true,
    condition: 'rigid',
    compoundSlide: undefined,
    feeds: [],
    motor: undefined,
    limits: undefined,
  },
  kneeMill,
  {
    ...kneeMill,
    kind: 'horizontal-mill',
    name: 'Plain mill',
    condition: 'tired',
    feeds: [12, 20, 32, 50, 80, 125, 200, 320].map((value, i) => ({ value, setting: `Dial ${i + 1}` })),
  },
  drillPress,
  shaper,
  { ...shaper, name: 'Old shaper', condition: 'tired', limits: undefined, feeds: [] },
];

/** A tool as a shop stored it while every kind carried every size. */
type FlatTool = Readonly<Record<string, unknown>> & {
  readonly name: string;
  readonly kind: string;
  readonly noseRadiusMm: number;
};
const variants = (tool: FlatTool) => [
  tool,
  { ...tool, name: `${tool.name}, dull`, dull: true },
  { ...tool, name: `${tool.name}, raked`, rakeDeg: 15, coating: 'with-aluminium' },
  {
    ...tool,
    name: `${tool.name}, other`,
    material: tool.material === 'hss' ? 'hss-co' : 'hss',
    noseRadiusMm: tool.noseRadiusMm * 1.6,
    cornerDeg: tool.kind === 'threading-tool' ? 55 : tool.cornerDeg,
  },
];
/** Variants of each: dull, with a rake and a coating, of another material with another nose. */
const CASE_TOOLS: readonly Tool[] = flatTools
  .flatMap(variants)
  .map((flat) => toolBody.parse(fromFlatTool(flat)));

const ROUND = [6, 9.5, 12.7, 16, 19.05, 25.4, 32, 40, 55, 78, 110, 165] as const;
const OUT = [8, 20, 35, 60, 110, 240] as const;
const SCHOOLS: readonly Omit<ShopRules, 'overshootPercent'>[] = [
  { school: 'middle', backOffThird: false, shortcut: '1000*v/(pi*D)', rungRule: 'overshoot' },
  { school: 'bottom', backOffThird: true, shortcut: '4*CS/D', rungRule: 'not-above' },
  { school: 'top', backOffThird: false, shortcut: '320*v/D', rungRule: 'nearest' },
];

/** Every case, always the same ones in the same order. */
export function cases(): Case[] {
  const next = chance(20261127);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
  const sometimes = <T>(share: number, make: () => T): T | null => (next() < share ? make() : null);
  const list: Case[] = [];
  let turn = 0;
  const add = (machine: Machine, operation: OperationKey): void => {
    const fitting = CASE_TOOLS.filter(({ kind }) => kind === OPERATIONS[operation].tool);
    for (let i = 0; i < PLANS_EACH; i += 1) {
      turn += 1;
      const metal = MATERIALS[turn % MATERIALS.length]!;
      const shop = turn % 11 === 0;
      const tool = fitting[i % fitting.length]!;
      const workDiameterMm = pick(ROUND);
      const setup: CutSetup = {
        machine,
        operation,
        tool,
        stock: {
          name: 'Piece',
          materialKey: metal.key,
          own: shop
            ? {
                name: 'Shop metal',
                speedMPerMin: { hss: [21, 34] },
                fzPerDiameter: 0.005,
                drillFeedFactor: 0.9,
              }
            : undefined,
          uncertain: turn % 7 === 0,
          skinMm: pick([0, 0, 0.3, 1]),
        },
        workDiameterMm,
        stickOutMm: pick(OUT),
        support: pick(['chuck', 'chuck', 'chuck-and-centre', 'between-centres'] as const),
        fluid: pick(['dry', 'brush', 'flood'] as const),
        interrupted: next() < 0.15,
        firstPassOnSkin: next() < 0.2,
        depthMm: sometimes(0.3, () => pick([0.05, 0.3, 0.8, 2, 4.5])),
        widthMm: sometimes(0.3, () => pick([1.5, 4, 9, 20])),
        rpmByHand: sometimes(0.2, () => pick(machine.speeds).rpm),
        feedByHand: sometimes(0.2, () => pick([...machine.feeds.map(({ value }) => value), 0.123])),
        lengthMm: sometimes(0.4, () => pick([5, 18, 60, 130])),
        angleDeg: sometimes(0.4, () => pick([0.7, 2.9, 15, 45])),
        pitchMm: sometimes(0.5, () => pick([0.5, 1, 1.5, 2.54, 4])),
        way:
          operation === 'taper'
            ? pick([null, 'compound', 'set-over', 'offset-head'] as const)
            : operation === 'thread'
              ? pick([null, 'outside', 'inside'] as const)
              : null,
      };
      list.push({
        setup,
        rules: { ...pick(SCHOOLS), overshootPercent: pick([10, 10, 5]) },
        units: turn % 2 === 0 ? 'mm' : 'inch',
      });
    }
  };
  for (const machine of CASE_MACHINES)
    for (const operation of MACHINE_OPERATIONS[machine.kind]) add(machine, operation);
  return list;
}
