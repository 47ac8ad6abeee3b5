import { positive } from '../quantity/out-of-range';
import {
  bandOf,
  fromLogs,
  GRID,
  logLikelihood,
  normalised,
  normalPrior,
  type FactorBand,
  type FactorTrial,
} from './factor-grid';
import { cutsIn, type ShopFactor } from './shop-factor';

/** Factors of a machine and of its groups: a machine with a stock metal and a tool material. */
export interface MachineFactors {
  readonly machine: ShopFactor;
  /** What a group without cuts begins with. */
  readonly newGroup: FactorBand;
  readonly groups: Readonly<Record<string, ShopFactor>>;
}

/** Scatter of machines around the table, and of groups around their machine, as logarithms. */
export const MACHINE_SD_LN = 0.3;
export const GROUP_SD_LN = 0.2;

/** Row by row: how probable each group factor is when the machine's is known. */
const kernel = (groupSdLn: number): readonly Float64Array[] =>
  GRID.map((machine) => normalPrior(machine, groupSdLn));
const KERNELS = new Map<number, readonly Float64Array[]>();
/** Kernels by their scatter, each made once: the scatters that are used are few. */
function kernelOf(groupSdLn: number): readonly Float64Array[] {
  const known = KERNELS.get(groupSdLn) ?? kernel(positive('scatter of the groups', groupSdLn));
  KERNELS.set(groupSdLn, known);
  return known;
}

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0;
  for (let k = 0; k < a.length; k += 1) sum += a[k]! * b[k]!;
  return sum;
};

/**
 * Factors of one machine and of its groups, learned together, so that a group with few
 * cuts borrows from the others.
 *
 * The machine's logarithm is N(0, 0.30), a group's N(machine, 0.20). Each group sends
 * the machine a message, its likelihood through the kernel; the machine is the prior
 * times all messages; a group is the machine as all other groups know it, through the
 * kernel, times its own likelihood.
 *
 * @param trials  by the name of their group
 */
export function factorGroups(
  trials: Readonly<Record<string, readonly FactorTrial[]>>,
  machineSdLn: number = MACHINE_SD_LN,
  groupSdLn: number = GROUP_SD_LN,
): MachineFactors {
  const rows = kernelOf(groupSdLn);
  const prior = normalPrior(0, machineSdLn).map(Math.log);
  const names = Object.keys(trials);
  const likelihoods = names.map((name) => fromLogs(logLikelihood(trials[name]!)));
  const messages = likelihoods.map((likelihood) =>
    Float64Array.from(rows, (row) => Math.log(dot(row, likelihood))),
  );
  const machineFrom = (list: readonly Float64Array[]): Float64Array =>
    fromLogs(prior.map((log, k) => list.reduce((sum, message) => sum + message[k]!, log)));
  const spread = (machine: Float64Array): Float64Array => {
    const group = new Float64Array(GRID.length);
    for (const [m, row] of rows.entries())
      for (let g = 0; g < row.length; g += 1) group[g]! += machine[m]! * row[g]!;
    return group;
  };
  const machine = machineFrom(messages);
  const groups = names.map((name, i): readonly [string, ShopFactor] => {
    const others = machineFrom(messages.filter((_, other) => other !== i));
    const own = spread(others).map((share, k) => share * likelihoods[i]![k]!);
    return [name, { ...bandOf(normalised(own)), cuts: cutsIn(trials[name]!) }];
  });
  return {
    machine: { ...bandOf(machine), cuts: names.reduce((sum, name) => sum + cutsIn(trials[name]!), 0) },
    newGroup: bandOf(spread(machine)),
    groups: Object.fromEntries(groups),
  };
}
