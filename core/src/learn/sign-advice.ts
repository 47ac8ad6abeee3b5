import type { MetalFamily } from '../material/metal-family';
import type { Direction, Parameter, SignTool } from './sign';
import { applies, causesWith, SIGNS, type SignKey } from './sign-rows';

/** Where a change comes from: a sign, and the place of the cause in its row. */
export interface Reason {
  readonly sign: SignKey;
  readonly cause: number;
}

/** A change that the signs speak for. */
export interface Option {
  readonly parameter: Parameter;
  readonly direction: Direction;
  /** Times the value as it was, of the strongest cause; null where it is no multiplication. */
  readonly factor: number | null;
  /** Votes for it, less those for the opposite. */
  readonly score: number;
  /** Other signs speak for the opposite, at least half as strongly. */
  readonly inConflict: boolean;
  /** The causes that speak for it, the strongest first. */
  readonly because: readonly Reason[];
}

export interface SignAdvice {
  readonly action: 'stop' | 'change' | 'keep' | 'none';
  /** Rows of priority 1, where the action is to stop. */
  readonly stopFor: readonly SignKey[];
  /** The one next change; null where nothing speaks for any. */
  readonly next: Option | null;
  /** What would be tried after it, the strongest first. */
  readonly after: readonly Option[];
  /** Parameters that some signs want more of and others less. */
  readonly conflicts: readonly Parameter[];
}

/** Weight of a vote by the priority of its row. */
const WEIGHT_OF = { 1: 0, 2: 4, 3: 3, 4: 2, 5: 1 } as const;
/** The opposite has at least this share of the votes: it is a conflict. */
const CONFLICT_SHARE = 0.5;
/** An option without conflict is taken before one in conflict from this share of its score. */
const CLEAR_SHARE = 0.5;
const OPPOSITE: Readonly<Partial<Record<Direction, Direction>>> = { more: 'less', less: 'more' };

interface Vote {
  readonly parameter: Parameter;
  readonly direction: Direction;
  readonly causes: { readonly reason: Reason; readonly votes: number; readonly factor: number | null }[];
}

const votesOf = ({ causes }: Vote): number => causes.reduce((sum, { votes }) => sum + votes, 0);

/**
 * The one next change from what was seen.
 *
 * Rows that do not fit tool or metal are left out. Any row of priority 1 stops the cut.
 * Every cause votes for its change with its weight times 4, 3, 2 or 1 for priority 2, 3,
 * 4 or 5; votes for more and for less of one thing are set off against each other, and
 * are a conflict when the smaller is at least half of the larger. The largest net vote
 * is taken; one in conflict gives way to one without that has at least half of its net.
 * To keep the setting is the answer only when nothing else has votes.
 *
 * @param spent  parameters that were changed twice without effect: they are passed over
 * @example signAdvice('hss', 'steel', ['long-ribbon']).next // feed, more, 1.25
 */
export function signAdvice(
  tool: SignTool,
  metal: MetalFamily,
  signs: readonly SignKey[],
  spent: readonly Parameter[] = [],
): SignAdvice {
  const rows = [...new Set(signs)].filter((key) => applies(SIGNS[key], tool, metal));
  const stopFor = rows.filter((key) => SIGNS[key].priority === 1);
  if (stopFor.length > 0) {
    const because = stopFor.map((key): Reason => ({ sign: key, cause: 0 }));
    const next = { parameter: 'stop', direction: 'stop', factor: null, score: 0, inConflict: false } as const;
    return { action: 'stop', stopFor, next: { ...next, because }, after: [], conflicts: [] };
  }
  const options = optionsOf(votes(rows, tool)).filter(({ parameter }) => !spent.includes(parameter));
  const changes = options.filter(({ parameter }) => parameter !== 'keep');
  const next = chosen(changes) ?? options[0] ?? null;
  const conflicts = changes.filter(({ inConflict }) => inConflict).map(({ parameter }) => parameter);
  const after = changes.filter((one) => one !== next).sort((a, b) => b.score - a.score);
  if (!next) return { action: 'none', stopFor, next, after, conflicts };
  return { action: next.parameter === 'keep' ? 'keep' : 'change', stopFor, next, after, conflicts };
}

/** Votes by parameter and direction, in the order in which they are first met. */
function votes(rows: readonly SignKey[], tool: SignTool): Vote[] {
  const found = new Map<string, Vote>();
  for (const key of rows)
    for (const { parameter, direction, factor, weight, place } of causesWith(SIGNS[key], tool)) {
      const name = `${parameter} ${direction}`;
      const vote = found.get(name) ?? { parameter, direction, causes: [] };
      found.set(name, vote);
      vote.causes.push({
        reason: { sign: key, cause: place },
        votes: weight * WEIGHT_OF[SIGNS[key].priority],
        factor,
      });
    }
  return [...found.values()];
}

/** Each parameter with its net vote; the weaker of two opposites is dropped. */
function optionsOf(all: readonly Vote[]): Option[] {
  return all.flatMap((vote): Option[] => {
    const mine = votesOf(vote);
    const opposite = all.find(
      ({ parameter, direction }) => parameter === vote.parameter && direction === OPPOSITE[vote.direction],
    );
    const other = opposite ? votesOf(opposite) : 0;
    const isWeaker =
      opposite && (other > mine || (other === mine && all.indexOf(opposite) < all.indexOf(vote)));
    if (isWeaker) return [];
    // Of equal causes the first met is the strongest: sorting keeps their order.
    const causes = [...vote.causes].sort((a, b) => b.votes - a.votes);
    return [
      {
        parameter: vote.parameter,
        direction: vote.direction,
        factor: causes[0]!.factor,
        score: mine - other,
        inConflict: other > 0 && other >= CONFLICT_SHARE * mine,
        because: causes.map(({ reason }) => reason),
      },
    ];
  });
}

/** The largest net vote, unless it is in conflict and another without conflict is nearly as strong. */
function chosen(options: readonly Option[]): Option | null {
  const largest = (list: readonly Option[]) =>
    list.reduce<Option | null>((best, one) => (best === null || one.score > best.score ? one : best), null);
  const first = largest(options);
  if (!first?.inConflict) return first;
  const clear = largest(options.filter(({ inConflict }) => !inConflict));
  return clear && clear.score >= CLEAR_SHARE * first.score ? clear : first;
}
