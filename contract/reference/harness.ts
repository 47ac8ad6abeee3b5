import { isTopic, topicCalled } from '../src/calc/topics';
import { expectedOf } from './profile-cases';
import { refusalCode } from './refusal-code';
import type { Values } from './values';

export interface ReferenceCase {
  readonly id: string;
  readonly topic: string;
  readonly inputs: Values;
  readonly expected: Values;
  readonly tolerance_rel?: number;
  readonly tolerance_abs?: number;
  readonly note?: string;
}

export type Outcome =
  | { readonly status: 'passed' | 'not-built'; readonly case: ReferenceCase }
  | { readonly status: 'failed'; readonly case: ReferenceCase; readonly got: unknown };

const LEAST_TOLERANCE = 1e-9;

/** Numbers within tolerance, lists and objects member by member, everything else exactly; only the keys in `want` count. */
export function agrees(got: unknown, want: unknown, tolerance: (want: number) => number): boolean {
  if (typeof want === 'number')
    return typeof got === 'number' && Math.abs(got - want) <= Math.max(tolerance(want), LEAST_TOLERANCE);
  if (Array.isArray(want))
    return (
      Array.isArray(got)
      && got.length === want.length
      && want.every((item, i) => agrees(got[i], item, tolerance))
    );
  if (want !== null && typeof want === 'object') {
    return (
      got !== null
      && typeof got === 'object'
      && Object.entries(want).every(([key, value]) => agrees((got as Values)[key], value, tolerance))
    );
  }
  return got === want;
}

/** Runs one case through the core function of its topic. */
export function runCase(one: ReferenceCase): Outcome {
  if (!isTopic(one.topic)) return { status: 'not-built', case: one };
  const topic = topicCalled(one.topic);
  const tolerance = (want: number): number =>
    one.tolerance_abs ?? (one.tolerance_rel ?? 0) * Math.max(Math.abs(want), 1e-6);
  let got: unknown;
  try {
    got = topic.output.parse(topic.run(topic.input.parse(one.inputs)));
  } catch (error) {
    got = 'error' in one.expected ? { error: refusalCode(error) } : String(error);
  }
  return agrees(got, expectedOf(one.expected, got, one.tolerance_abs ?? 0), tolerance)
    ? { status: 'passed', case: one }
    : { status: 'failed', case: one, got };
}
