import type { CutSetup } from '@pike-stone/core';
import {
  SIGNS,
  type Blocked,
  type BlockedChange,
  type Direction,
  type Goal,
  type NextChange,
  type Option,
  type Parameter,
  type RunState,
  type SetChange,
  type SetParameter,
  type SignAdvice,
  type SignKey,
} from '@pike-stone/core/learn';
import { capital } from '../capital';
import { sayDial } from '../dial';
import { sayFinding } from '../finding';
import type { UnitSystem } from '../format';
import { listed } from '../list';
import { saySet } from './set-values';
import type { CauseWords } from './sign-words';
import { SIGN_SHORT, SIGN_WORDS } from './signs';

/** What a change is made to. */
export const PARAMETER_WORDS: Readonly<Record<Parameter, string>> = {
  stop: 'stop',
  keep: 'keep',
  feed: 'feed',
  depth: 'depth',
  speed: 'speed',
  breaker: 'chip breaker',
  'nose-radius': 'nose radius',
  rake: 'rake',
  clearance: 'clearance',
  'lead-angle': 'lead angle',
  edge: 'edge',
  'tool-material': 'tool material',
  fluid: 'fluid',
  overhang: 'overhang',
  workholding: 'workholding',
  'centre-height': 'centre height',
};

const DIRECTION_WORDS: Readonly<Record<Direction, string>> = {
  more: 'more',
  less: 'less',
  renew: 'renew',
  check: 'check',
  change: 'another',
  keep: 'keep',
  stop: 'stop',
};

/** What is done for a change that is not set at the machine by a figure. */
const STEP_WORDS: Readonly<Partial<Record<Parameter, Readonly<Partial<Record<Direction, string>>>>>> = {
  edge: { renew: 'hone, regrind or turn to a new edge' },
  fluid: {
    more: 'add fluid, or the right fluid, before the edge',
    less: 'carbide: full flow or dry, never now and then',
  },
  overhang: { less: 'shorten tool, work or quill overhang by a third; lock unused slides' },
  rake: {
    more: '5 degrees more side rake, or a sharper positive insert',
    less: '5 degrees less rake, or a small land on the edge',
  },
  stop: { stop: 'feed off, tool clear, spindle stopped; then look' },
  'tool-material': { change: 'tougher or harder tool material, or uncoated for aluminium' },
  workholding: { check: 'retighten, support with tailstock, shorter stick-out' },
  'centre-height': { check: 'set the edge on centre within 0.5 % of diameter' },
  clearance: { more: '2 degrees more clearance' },
  'lead-angle': { change: '45 degree lead in place of 90' },
  'nose-radius': { less: 'half the nose radius', more: 'next larger nose radius' },
  breaker: { change: 'grind a narrower breaker: width about 5 × feed; or a tighter insert breaker' },
  keep: { keep: 'keep' },
};

/** A change in two words: "more feed", "check workholding". */
const sayChange = ({ parameter, direction }: Pick<Option, 'parameter' | 'direction'>): string =>
  `${DIRECTION_WORDS[direction]} ${PARAMETER_WORDS[parameter]}`;

/** A change in the machine's own steps: "Feed 0.12 → 0.15 mm/rev, Hole 4". */
function sayStep(
  { parameter, from, to, step, isWhole }: SetChange,
  setup: CutSetup,
  units: UnitSystem,
): string {
  const [before, after] = [saySet(parameter, from, setup, units), saySet(parameter, to, setup, units)];
  const short = isWhole ? '' : ', the last step there is';
  return `${capital(PARAMETER_WORDS[parameter])} ${before} → ${after}${step ? `, ${step}` : ''}${short}`;
}

/** What the first cause of a change says of it. */
const causeOf = ({ because: [first] }: Pick<NextChange, 'because'>): CauseWords | undefined =>
  first && SIGN_WORDS[first.sign].causes[first.cause];

/** What a goal asks for while nothing is wrong. */
const PUSH_WORDS: Readonly<
  Record<SetParameter, Readonly<Record<'more' | 'less', readonly [why: string, look: string]>>>
> = {
  feed: {
    more: ['everything was good: there may be room in the feed', 'chip and load stay good'],
    less: ['a finer feed leaves lower ridges', 'a finer surface; no rubbing'],
  },
  depth: {
    more: ['everything was good: there may be room in the depth', 'load and sound stay good'],
    less: ['less metal at once', 'a lighter push'],
  },
  speed: {
    more: ['everything was good: there may be room in the speed', 'the colour of the chip stays good'],
    less: ['an edge lives longer at less speed', 'the edge stays whole; no built-up edge'],
  },
};

export interface SaidChange {
  readonly title: string;
  /** What is done beside a figure that is set; null where that is all. */
  readonly with: string | null;
  readonly why: string;
  readonly look: string;
  /** When the sign that asks for it stops the cut, or what must not be done; null where there is no such thing. */
  readonly stop: string | null;
  /** What Cut will caution of at the new setting and did not before. */
  readonly cautions: readonly string[];
}

/** A sentence without its full stop, as it stands after "Why:". */
const endless = (text: string): string => text.replace(/\.$/, '');

/** A change with its size, its reason, and what to look for. */
export function sayNext(change: NextChange, setup: CutSetup, units: UnitSystem): SaidChange {
  const { parameter, direction, setting } = change;
  const cause = causeOf(change);
  const [first] = change.because;
  const stop = first && SIGN_WORDS[first.sign].stop;
  const pushed =
    setting && (direction === 'more' || direction === 'less')
      ? PUSH_WORDS[setting.parameter][direction]
      : undefined;
  const dial =
    setting?.parameter === 'depth' && setup.machine.kind === 'lathe'
      ? ` (${sayDial(setup.machine.crossSlide, setting.to)})`
      : '';
  return {
    title: setting
      ? sayStep(setting, setup, units) + dial
      : capital(cause?.step ?? STEP_WORDS[parameter]?.[direction] ?? sayChange({ parameter, direction })),
    with: setting && cause?.step ? capital(cause.step) : null,
    why: change.ends
      ? endless(sayFinding(change.ends, units))
      : capital(cause?.why ?? pushed?.[0] ?? sayChange({ parameter, direction })),
    look: capital(cause?.look ?? pushed?.[1] ?? 'what changes'),
    stop: stop ? capital(stop) : null,
    cautions: (setting?.cautions ?? []).map((one) => sayFinding(one, units)),
  };
}

const BLOCKED_WORDS: Readonly<Record<Blocked, string>> = {
  'no-step': 'the machine has no further step',
  cap: 'the chuck, the carriage or the ram must not go faster',
  chart: 'the chart of this metal and edge ends before it',
  edge: 'the nose or the tooth takes no heavier feed',
  hand: 'a hand winds no faster evenly',
  power: 'the power of this speed step ends',
  springs: 'work, bar or cutter would give way too far',
  length: 'the edges of the cutter are no longer',
  rubs: 'the edge would rub, and this metal hardens under it',
  given: 'the work gives it',
  danger: 'the cut is a danger as it is set: that comes first',
};
/** A change that this machine does not have, with the reason. */
export const sayBlocked = ({ parameter, direction, why }: BlockedChange): string =>
  `${capital(sayChange({ parameter, direction }))}: ${BLOCKED_WORDS[why]}.`;

/** What else can be changed where nothing more can be set. */
const INSTEAD_WORDS: Readonly<Partial<Record<Parameter, string>>> = {
  breaker: 'grind a chip breaker about five feeds wide, or take an insert with a tighter one',
  'nose-radius': 'another nose radius: smaller for a chip that breaks, larger for the surface',
  rake: 'five degrees more or less rake',
  fluid: 'fluid, or another one, before the edge',
  edge: 'a freshly honed edge',
  overhang: 'tool and work held shorter',
  workholding: 'a firmer hold, a centre',
  'tool-material': 'another tool material',
  'lead-angle': 'another lead angle',
};
export const sayInstead = (parameters: readonly Parameter[]): string[] =>
  parameters.flatMap((one) => (INSTEAD_WORDS[one] ? [capital(INSTEAD_WORDS[one])] : []));

/** The probable causes of what was seen, the strongest first, each with its sign. */
export function sayCauses({ next, after }: SignAdvice): string[] {
  const reasons = [...(next ? [next] : []), ...after].flatMap(({ because }) => because);
  return [
    ...new Set(
      reasons.map(({ sign, cause }) => `${SIGN_SHORT[sign]}: ${SIGN_WORDS[sign].causes[cause]!.why}`),
    ),
  ];
}

/** Some signs want more and others less of a thing. */
export const sayConflicts = (conflicts: readonly Parameter[]): string | null =>
  conflicts.length === 0
    ? null
    : `The signs contradict each other on ${listed(conflicts.map((one) => PARAMETER_WORDS[one]))}: look again before that is changed.`;

/** The stop of a dangerous sign: what to do, and what to look at then. */
export const sayStop = (
  signs: readonly SignKey[],
): readonly { readonly what: string; readonly look: string }[] =>
  signs.map((sign) => {
    const { sign: seen, stop, causes } = SIGN_WORDS[sign];
    const never = stop === null ? '' : ` ${capital(stop)}.`;
    return { what: `${capital(seen)}: ${STEP_WORDS.stop!.stop}.${never}`, look: capital(causes[0]!.look) };
  });

/** Where the rules of the signs that were seen come from. */
export const saySources = (signs: readonly SignKey[]): string =>
  [...new Set(signs.map((sign) => SIGNS[sign].source))].join('; ');

export const GOAL_WORDS: Readonly<Record<Goal, { readonly title: string; readonly about: string }>> = {
  chip: { title: 'A chip that breaks', about: 'short arcs that fall free' },
  finish: { title: 'Best finish', about: 'a wanted roughness, or a surface without a fault' },
  time: { title: 'Least time', about: 'the most metal a minute without trouble' },
  load: { title: 'Least load', about: 'a light handwheel, or a wanted power' },
  edge: { title: 'Longest edge', about: 'an edge that stays whole and cool' },
};

/** What a run's state means, in a line. */
const STATE_WORDS: Readonly<Record<RunState['is'], string>> = {
  begin: 'Take the first cut as it is set.',
  contradiction: 'What was seen does not go together.',
  stop: 'Stop. Nothing is changed before this is looked at.',
  'go-on': 'Change one thing, then cut again.',
  met: 'The goal is met: keep this setting.',
  stuck: 'Speed, feed and depth do not get there on this machine.',
  look: 'Nothing was seen that tells of the goal yet.',
};
const LOOK_FOR: Readonly<Partial<Record<Goal, string>>> = {
  chip: 'Say what shape the chip has.',
  finish: 'Measure the surface, or compare it with the plate, and put the roughness in.',
  load: 'Read the motor current, and put the net power in.',
};

export const sayState = (is: RunState['is'], goal: Goal): string =>
  is === 'look' ? (LOOK_FOR[goal] ?? STATE_WORDS.look) : STATE_WORDS[is];
