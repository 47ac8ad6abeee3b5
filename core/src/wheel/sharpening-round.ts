import { ROUND_SET_UPS, type RoundSetUp } from './wheel-names';

/** Minutes to prepare each way of holding, and to clean up after it: typical. */
export const SET_UP_MIN: Readonly<Record<RoundSetUp, number>> = {
  rest: 1,
  drill: 1,
  'free-hand': 0.5,
  'end-teeth': 18,
  stone: 1,
};
/** Minutes to come to a wheel that is mounted and to one that is not, and to set a rest: typical. */
export const CHANGE_MIN = { mounted: 0.5, notMounted: 10, rest: 1.5 } as const;

/** Tilt of the rest that a face wants, and what its band allows, degrees. */
export interface TiltBand {
  readonly wantedDeg: number;
  readonly lowDeg: number;
  readonly highDeg: number;
}

/** One face of one tool, to be ground in a round. */
export interface RoundJob {
  /** The tool. */
  readonly of: string;
  readonly face: string;
  readonly wheel: string;
  readonly setUp: RoundSetUp;
  /** Roughed before it is finished before it is stoned: all of a stage comes before the next. */
  readonly stage: number;
  /** Null where it is not held on a rest that tilts. */
  readonly tilt: TiltBand | null;
  readonly minutes: number;
}

/** A wheel of the round. */
export interface RoundWheel {
  /** Minutes to come to it: a step to the other end of the grinder, or mounting it. */
  readonly changeMin: number;
  /** Of its rest as it stands; null when it is not known. */
  readonly tiltDeg: number | null;
}

export interface RoundCosts {
  readonly wheels: Readonly<Record<string, RoundWheel>>;
  readonly setUpMin: Readonly<Record<RoundSetUp, number>>;
  /** To set a rest to another tilt. */
  readonly restMin: number;
}

/** Jobs that are ground at one wheel, in one set-up, at one tilt of the rest. */
export interface RoundGroup {
  readonly wheel: string;
  readonly setUp: RoundSetUp;
  readonly stage: number;
  readonly tiltDeg: number | null;
  /** The rest stands so already. */
  readonly asItStands: boolean;
  readonly jobs: readonly RoundJob[];
  /** Minutes to come to it from the group before, and to grind it. */
  readonly changeMin: number;
  readonly grindMin: number;
}

export interface Round {
  readonly groups: readonly RoundGroup[];
  readonly changeMin: number;
  readonly grindMin: number;
  /** The order costs the least there is; else it is a good one. */
  readonly exact: boolean;
}

type Setting = Omit<RoundGroup, 'changeMin' | 'grindMin'>;
type Tilted = RoundJob & { readonly tilt: TiltBand };

/** Most groups whose order is searched through: 2^14 sets of them. */
const MOST_EXACT = 14;
/** Rests are set no finer than this, degrees. */
const SET_TO_DEG = 0.5;
const GUARD = 1e-9;

const isTilted = (job: RoundJob): job is Tilted => job.tilt !== null;
const allows = ({ tilt }: Tilted, deg: number): boolean => deg >= tilt.lowDeg && deg <= tilt.highDeg;

/** The tilt of a group: the mean of what is wanted, within what all of them allow, as a rest is set. */
function commonTilt(jobs: readonly Tilted[]): number {
  const low = Math.max(...jobs.map(({ tilt }) => tilt.lowDeg));
  const high = Math.min(...jobs.map(({ tilt }) => tilt.highDeg));
  const mean = jobs.reduce((sum, { tilt }) => sum + tilt.wantedDeg, 0) / jobs.length;
  const within = Math.max(low, Math.min(high, mean));
  const set = Math.round(within / SET_TO_DEG) * SET_TO_DEG;
  return set >= low && set <= high ? set : within;
}

/**
 * Parts jobs into the fewest tilts: each begins at the lowest upper end that is left, which no way of
 * parting them can undercut.
 */
function fewestTilts(jobs: readonly Tilted[]): readonly (readonly Tilted[])[] {
  const groups: Tilted[][] = [];
  let end = -Infinity;
  for (const job of [...jobs].sort((a, b) => a.tilt.highDeg - b.tilt.highDeg)) {
    if (job.tilt.lowDeg > end) {
      end = job.tilt.highDeg;
      groups.push([]);
    }
    groups.at(-1)!.push(job);
  }
  return groups;
}

/** Settings of the jobs at one wheel in one set-up: the tilt that stands is kept where that is no dearer. */
function settingsOf(jobs: readonly RoundJob[], tiltNow: number | null): readonly Setting[] {
  const { wheel, setUp, stage } = jobs[0]!;
  const same = { wheel, setUp, stage };
  const tilted = jobs.filter(isTilted);
  const flat = jobs.filter((job) => !isTilted(job));
  const asItStands = tiltNow === null ? [] : tilted.filter((job) => allows(job, tiltNow));
  const allSet = fewestTilts(tilted);
  const restSet = fewestTilts(tilted.filter((job) => !asItStands.includes(job)));
  // Keeping the tilt that stands saves a change, unless the rest of the faces then need more of them.
  const keeps = asItStands.length > 0 && restSet.length <= allSet.length;
  return [
    ...(flat.length > 0 ? [{ ...same, tiltDeg: null, asItStands: false, jobs: flat }] : []),
    ...(keeps ? [{ ...same, tiltDeg: tiltNow, asItStands: true, jobs: asItStands }] : []),
    ...(keeps ? restSet : allSet).map((group) => ({
      ...same,
      tiltDeg: commonTilt(group),
      asItStands: false,
      jobs: group,
    })),
  ];
}

/** Jobs that share stage, set-up and wheel. */
function bySetUpAndWheel(jobs: readonly RoundJob[]): readonly (readonly RoundJob[])[] {
  const groups = new Map<string, RoundJob[]>();
  for (const job of jobs) {
    const key = `${job.stage} ${job.setUp} ${job.wheel}`;
    groups.set(key, [...(groups.get(key) ?? []), job]);
  }
  return [...groups.values()];
}

/** Minutes to come from one setting to another; from nothing at the beginning. */
function changeTo({ wheels, setUpMin, restMin }: RoundCosts, from: Setting | null, to: Setting): number {
  return (
    (from?.setUp === to.setUp ? 0 : setUpMin[to.setUp])
    + (from?.wheel === to.wheel ? 0 : (wheels[to.wheel]?.changeMin ?? 0))
    + (to.tiltDeg === null || to.asItStands ? 0 : restMin)
  );
}

/** The order of settings that costs least, stages in turn (Held and Karp, 1962). */
function cheapestOrder(settings: readonly Setting[], costs: RoundCosts): readonly number[] {
  const n = settings.length;
  // Sets of settings are bits of a number; a setting waits for all of the stages before its own.
  const before = settings.map(({ stage }) =>
    settings.reduce((mask, one, i) => (one.stage < stage ? mask | (1 << i) : mask), 0),
  );
  const step = settings.map((from) => settings.map((to) => changeTo(costs, from, to)));
  // For each set and its last setting: the least minutes so far, and which setting came before it.
  const best = new Float64Array((1 << n) * n).fill(Infinity);
  const came = new Int8Array((1 << n) * n).fill(-1);
  settings.forEach((one, i) => {
    if (before[i] === 0) best[(1 << i) * n + i] = changeTo(costs, null, one);
  });
  for (let mask = 1; mask < 1 << n; mask += 1)
    for (let last = 0; last < n; last += 1) {
      const so = best[mask * n + last]!;
      if (so === Infinity) continue;
      for (let next = 0; next < n; next += 1) {
        if (mask & (1 << next) || (mask & before[next]!) !== before[next]) continue;
        const to = (mask | (1 << next)) * n + next;
        const cost = so + step[last]![next]!;
        // Of two orders alike, the one that keeps the settings as they were listed.
        if (cost <= best[to]! + GUARD) {
          best[to] = cost;
          came[to] = last;
        }
      }
    }
  const all = (1 << n) - 1;
  let last = settings.reduce(
    (least, _, i) => (best[all * n + i]! <= best[all * n + least]! + GUARD ? i : least),
    0,
  );
  const order: number[] = [];
  for (let mask = all; last >= 0;) {
    order.unshift(last);
    const previous = came[mask * n + last]!;
    mask ^= 1 << last;
    last = previous;
  }
  return order;
}

/** A good order of very many settings: by stage, set-up, wheel and tilt. */
const plainOrder = (settings: readonly Setting[]): readonly number[] =>
  settings
    .map((_, i) => i)
    .sort((a, b) => {
      const [one, other] = [settings[a]!, settings[b]!];
      return (
        one.stage - other.stage
        || ROUND_SET_UPS.indexOf(one.setUp) - ROUND_SET_UPS.indexOf(other.setUp)
        || one.wheel.localeCompare(other.wheel)
        || (one.tiltDeg ?? 0) - (other.tiltDeg ?? 0)
      );
    });

/**
 * A round at the grinder in which settings change least: faces whose bands have a tilt in common share
 * it, and the groups stand in the order that costs the fewest minutes. Exact up to 14 groups.
 *
 * @param jobs  faces to grind, of any number of tools
 */
export function sharpeningRound(jobs: readonly RoundJob[], costs: RoundCosts): Round {
  const settings = bySetUpAndWheel(jobs).flatMap((some) =>
    settingsOf(some, costs.wheels[some[0]!.wheel]?.tiltDeg ?? null),
  );
  const exact = settings.length <= MOST_EXACT;
  const order = settings.length === 0 ? [] : exact ? cheapestOrder(settings, costs) : plainOrder(settings);
  const groups = order.map((index, i): RoundGroup => {
    const setting = settings[index]!;
    const from = i === 0 ? null : settings[order[i - 1]!]!;
    return {
      ...setting,
      changeMin: changeTo(costs, from, setting),
      grindMin: setting.jobs.reduce((sum, { minutes }) => sum + minutes, 0),
    };
  });
  const total = (of: (group: RoundGroup) => number): number =>
    groups.reduce((sum, group) => sum + of(group), 0);
  return {
    groups,
    changeMin: total(({ changeMin }) => changeMin),
    grindMin: total(({ grindMin }) => grindMin),
    exact,
  };
}
