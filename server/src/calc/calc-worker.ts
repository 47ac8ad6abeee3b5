import { HttpProblem } from '../http/problem';
import { calculate, type Calculation } from './calculate';

/** A question for the worker, and its answer: a result, or the problem that it was refused with. */
export interface Question {
  readonly name: Calculation;
  readonly body: unknown;
}
export type Answer =
  | { readonly result: unknown }
  | { readonly problem: readonly [status: number, title: string, detail: string, more: HttpProblem['more']] };

/** Runs one calculation in a worker thread. A problem is handed over as data, because an error would lose its class. */
export default function answer({ name, body }: Question): Answer {
  try {
    return { result: calculate(name, body) };
  } catch (error) {
    if (!(error instanceof HttpProblem)) throw error;
    return { problem: [error.status, error.title, error.message, error.more] };
  }
}
