import { topicCalled, type TopicName } from '@pike-stone/contract/calc';
import { wholeCut as wholeCutInput, wholeCutAnswer } from '@pike-stone/contract/calc/cut-plan';
import { OutOfRange } from '@pike-stone/core';
import { sayOutOfRange } from '@pike-stone/words';
import type * as z from 'zod';
import { learnedFrom, type VerdictRow } from '../book/learned-from';
import { HttpProblem, invalid } from '../http/problem';
import { wholeCut } from './whole-cut';

/** Everything that can be asked: the topics, and a whole cut. */
export type Asked = TopicName | 'cut-plan';
/** With what this server asks of itself. */
export type Calculation = Asked | 'learned';

/** Runs a calculation. Bad input throws a problem that names the fields; values out of range throw one with a sentence. */
export function calculate(name: Calculation, body: unknown): unknown {
  if (name === 'cut-plan')
    return calculated(wholeCutInput, wholeCutAnswer, body, (cut) => plain(wholeCut(cut)));
  // Asked by this server itself, with what its database has counted.
  if (name === 'learned') return learnedFrom(body as readonly VerdictRow[]);
  const { input, output, run } = topicCalled(name);
  return calculated(input, output, body, run);
}

/** A value as it comes back from JSON: undefined parts are gone. */
function plain(value: unknown): unknown {
  if (value === null || typeof value !== 'object') return value;
  if (Array.isArray(value)) return value.map(plain);
  const said = Object.entries(value).filter(([, inner]) => inner !== undefined);
  return Object.fromEntries(said.map(([key, inner]) => [key, plain(inner)]));
}

function calculated<In extends z.ZodType>(
  input: In,
  output: z.ZodType,
  body: unknown,
  run: (input: z.output<In>) => unknown,
): unknown {
  const read = input.safeParse(body);
  if (!read.success) throw invalid(read.error);
  const answer = output.safeParse(computed(() => run(read.data)));
  if (answer.success) return answer.data;
  // A number of the answer is NaN or infinite: the question lies outside of what can be computed.
  const path = answer.error.issues[0]!.path.join('.');
  throw new HttpProblem(400, 'Cannot be computed', `With these values there is no ${path}.`);
}

function computed(run: () => unknown): unknown {
  try {
    return run();
  } catch (error) {
    if (error instanceof OutOfRange) throw new HttpProblem(400, 'Cannot be computed', sayOutOfRange(error));
    throw error;
  }
}
