import { OutOfRange } from '../quantity/out-of-range';
/** One speed of the machine as its settings: belt, back gear, motor switch. */
export interface DrivePosition {
  readonly id: string;
  readonly rpm: number;
  readonly settings: Readonly<Record<string, string | number>>;
}

/** A piece of work with the window of speeds it accepts and what must come before it. */
export interface SpeedJob {
  readonly id: string;
  readonly rpmMin: number;
  readonly rpmMax: number;
  readonly after: readonly string[];
}

export type BeltMoves =
  | {
      readonly feasible: true;
      readonly totalCost: number;
      readonly positionChanges: number;
      readonly order: readonly { readonly job: string; readonly position: string }[];
    }
  /** Jobs no step can serve; empty when the order itself is a circle. */
  | { readonly feasible: false; readonly impossible: readonly string[] };

/** More jobs than this are refused: the exact search doubles with each. */
export const MOST_JOBS = 14;

interface State {
  readonly cost: number;
  readonly changes: number;
  readonly from: number;
}
const SLACK = 1e-9;

/**
 * The order of jobs and the steps for them with the cheapest changes of belts,
 * gears and switches; among equals the fewest changes.
 *
 * Exact, by dynamic programming over (jobs done, position): the cost between two
 * positions is the sum of the costs of the settings that differ, so passing
 * through a third never pays. Time grows as 2^N P^2 N: N = 12, P = 16 in well
 * under a second.
 *
 * @param costs  of changing each setting, in seconds or points
 * @param start  position the machine stands in, or null: the first setting is free
 * @throws RangeError for more than 14 jobs, an unknown start or an unknown job in `after`
 */
export function beltMoves(
  positions: readonly DrivePosition[],
  jobs: readonly SpeedJob[],
  costs: Readonly<Record<string, number>>,
  start: string | null = null,
): BeltMoves {
  if (jobs.length > MOST_JOBS) throw new OutOfRange('number of jobs', jobs.length, 0, MOST_JOBS);
  const serves = jobs.map(({ rpmMin, rpmMax }) =>
    positions.flatMap(({ rpm }, p) =>
      rpm >= rpmMin * (1 - SLACK) && rpm <= rpmMax * (1 + SLACK) ? [p] : [],
    ),
  );
  const impossible = jobs.filter((_, j) => serves[j]?.length === 0).map(({ id }) => id);
  if (impossible.length > 0) return { feasible: false, impossible };
  const before = jobs.map(({ after }) =>
    after.reduce((mask, id) => mask | (1 << indexOf('job', jobs, id)), 0),
  );
  const startAt = start === null ? null : indexOf('start position', positions, start);
  const change = positions.map((a) => positions.map((b) => costBetween(a, b, costs)));

  const P = positions.length;
  const full = (1 << jobs.length) - 1;
  const states = new Array<State | undefined>((full + 1) * P);
  const improve = (done: number, p: number, next: State): void => {
    const known = states[done * P + p];
    if (
      !known
      || next.cost < known.cost - SLACK
      || (Math.abs(next.cost - known.cost) <= SLACK && next.changes < known.changes)
    )
      states[done * P + p] = next;
  };
  const step = (done: number, at: number | null, from: State | null): void => {
    for (let j = 0; j < jobs.length; j += 1) {
      if (done & (1 << j) || (before[j]! & ~done) !== 0) continue;
      for (const p of serves[j]!) {
        const cost = at === null ? 0 : change[at]![p]!;
        const moved = at !== null && at !== p ? 1 : 0;
        improve(done | (1 << j), p, {
          cost: (from?.cost ?? 0) + cost,
          changes: (from?.changes ?? 0) + moved,
          from: from === null || at === null ? -1 : done * P + at,
        });
      }
    }
  };
  step(0, startAt, null);
  for (let done = 1; done < full; done += 1) {
    for (let p = 0; p < P; p += 1) {
      const state = states[done * P + p];
      if (state) step(done, p, state);
    }
  }
  return jobs.length === 0
    ? { feasible: true, totalCost: 0, positionChanges: 0, order: [] }
    : finish(states, full, P, positions, jobs);
}

function finish(
  states: readonly (State | undefined)[],
  full: number,
  P: number,
  positions: readonly DrivePosition[],
  jobs: readonly SpeedJob[],
): BeltMoves {
  let best = -1;
  for (let p = 0; p < P; p += 1) {
    const state = states[full * P + p];
    const known = best < 0 ? undefined : states[best];
    if (
      state
      && (!known
        || state.cost < known.cost - SLACK
        || (Math.abs(state.cost - known.cost) <= SLACK && state.changes < known.changes))
    )
      best = full * P + p;
  }
  const last = states[best];
  if (!last) return { feasible: false, impossible: [] };
  const order: { job: string; position: string }[] = [];
  for (let at = best; at >= 0;) {
    const { from } = states[at]!;
    const doneBefore = from < 0 ? 0 : Math.floor(from / P);
    const job = Math.log2(Math.floor(at / P) & ~doneBefore);
    order.unshift({ job: jobs[job]!.id, position: positions[at % P]!.id });
    at = from;
  }
  return { feasible: true, totalCost: last.cost, positionChanges: last.changes, order };
}

function costBetween(a: DrivePosition, b: DrivePosition, costs: Readonly<Record<string, number>>): number {
  return Object.keys({ ...a.settings, ...b.settings }).reduce(
    (sum, name) => sum + (a.settings[name] === b.settings[name] ? 0 : (costs[name] ?? 0)),
    0,
  );
}

function indexOf(what: string, list: readonly { readonly id: string }[], id: string): number {
  const found = list.findIndex((one) => one.id === id);
  if (found < 0) throw new Error(`${what}: there is none called "${id}"`);
  return found;
}
