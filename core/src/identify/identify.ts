import { densityLikelihood, densityOf, expectedOfWeighing, type Density, type Weighing } from './density';
import {
  bySubstance,
  DRAWER_ODDS,
  entropyBits,
  likeliest,
  shares,
  SUBSTANCES,
  type Odds,
  type Substance,
} from './substance';
import {
  likelihood,
  observationsOf,
  testFacts,
  TESTS,
  type Observations,
  type Test,
} from './tests-of-a-cutter';

export interface Evidence extends Observations {
  readonly weighing?: Weighing | undefined;
}

export interface Identified {
  readonly odds: Odds;
  readonly best: Substance;
  /** The best has 95 % or more. */
  readonly sure: boolean;
  /** Share of the three steels together. */
  readonly steels: number;
  readonly density: Density | null;
  readonly doubtBits: number;
  /** Doubt that a test not yet done is expected to take away, bits. */
  readonly gainBits: Readonly<Partial<Record<Test, number>>>;
  /** The test that tells most for its time; null when it is sure, or when no test tells much. */
  readonly next: Test | null;
  /** Doubt that weighing and measuring is expected to take away, bits; null once it is weighed. */
  readonly weighingBits: number | null;
  /** Weighing tells more than `next`, or keeps the cutter from the wheel. */
  readonly weighNext: boolean;
  /** What was seen fits no substance: one observation must be wrong. */
  readonly contradictory: boolean;
}

const SURE = 0.95;
/** A test that takes away less than this is not worth doing. */
const LEAST_GAIN_BITS = 0.05;
/** Tests with this share of the best gain are good enough; the quickest of them is proposed. */
const GOOD_SHARE = 0.6;
/** Weighing takes longer than a look: it comes before a test that takes away less than this share of it. */
const SHARE_OF_WEIGHING = 0.5;
/** Below this total likelihood with every substance the observations do not fit together. */
const CONTRADICTION = 1e-4;

const times = (a: Readonly<Record<Substance, number>>, b: Readonly<Record<Substance, number>>) =>
  bySubstance((substance) => a[substance] * b[substance]);

/**
 * What an unmarked cutter is made of, from all that was seen: each observation
 * multiplies the odds by its chance with each substance. A coating is no evidence.
 *
 * The next test is the one whose answer takes away most doubt: of the safe tests
 * with at least 0.6 of the best gain the quickest. The spark test comes only when no
 * safe one takes away 0.05 bit. A cutter is weighed before it is ground, and wherever
 * that takes away more than twice what the next test does. Source: Bayes' rule, observations taken as independent.
 *
 * @param prior  shares before anything was seen
 * @example identify({ magnet: 'strong', spark: 'white-bursting-forks' }).best // 'carbon-steel'
 */
export function identify(evidence: Evidence, prior: Odds = DRAWER_ODDS): Identified {
  const { weighing, ...seen } = evidence;
  const done = TESTS.filter((test) => seen[test] !== undefined);
  const density = weighing ? densityOf(weighing) : null;
  const told = [
    ...done.map((test) => likelihood(test, seen[test]!)),
    ...(density ? [densityLikelihood(density)] : []),
  ].reduce(
    times,
    bySubstance(() => 1),
  );
  const odds = shares(times(prior, told));
  const best = likeliest(odds);
  const sure = odds[best] >= SURE;
  const left = TESTS.filter((test) => seen[test] === undefined);
  const gainBits = Object.fromEntries(left.map((test) => [test, expectedGain(odds, test)]));
  const next = sure ? null : nextTest(left, gainBits);
  const weighingBits = density ? null : expectedOfWeighing(odds);
  return {
    odds,
    best,
    sure,
    steels: odds['carbon-steel'] + odds.hss + odds['cobalt-hss'],
    density,
    doubtBits: entropyBits(odds),
    gainBits,
    next,
    weighingBits,
    weighNext: !sure && weighingBits !== null && weighsFirst(weighingBits, next, gainBits),
    contradictory: SUBSTANCES.every((substance) => told[substance] < CONTRADICTION),
  };
}

/** Doubt now less the doubt to be expected after a test, bits. */
function expectedGain(odds: Odds, test: Test): number {
  return observationsOf(test).reduce((gain, observation) => {
    const together = times(odds, likelihood(test, observation));
    const chance = SUBSTANCES.reduce((sum, substance) => sum + together[substance], 0);
    return gain - chance * entropyBits(shares(together));
  }, entropyBits(odds));
}

function nextTest(left: readonly Test[], gain: Readonly<Record<string, number>>): Test | null {
  const telling = left.filter((test) => gain[test]! >= LEAST_GAIN_BITS);
  const safe = telling.filter((test) => !testFacts(test).hazard);
  if (safe.length === 0) return telling[0] ?? null;
  const best = Math.max(...safe.map((test) => gain[test]!));
  const good = safe.filter((test) => gain[test]! >= GOOD_SHARE * best);
  return good.reduce((a, b) =>
    testFacts(b).minutes < testFacts(a).minutes
    || (testFacts(b).minutes === testFacts(a).minutes && gain[b]! > gain[a]!)
      ? b
      : a,
  );
}

function weighsFirst(bits: number, next: Test | null, gain: Readonly<Record<string, number>>): boolean {
  if (bits < LEAST_GAIN_BITS) return false;
  return next === null || testFacts(next).hazard || gain[next]! < SHARE_OF_WEIGHING * bits;
}
