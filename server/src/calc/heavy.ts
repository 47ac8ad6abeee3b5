import { availableParallelism } from 'node:os';
import { extname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { Piscina } from 'piscina';
import { HttpProblem } from '../http/problem';
import type { Answer, Question } from './calc-worker';
import type { Calculation } from './calculate';

const { dirname, filename } = import.meta;

/** Longest time of one calculation, and how many may wait for a thread. */
const HEAVY = { mostMs: 10_000, mostWaiting: 16, idleMs: 600_000 };

/** Worker threads for long calculations, so that no request of another person waits for them. */
export class HeavyCalculations {
  readonly #threads: Piscina;

  constructor(private readonly limits = HEAVY) {
    this.#threads = new Piscina({
      // Beside this module, among the sources as in the bundle.
      filename: pathToFileURL(join(dirname, `calc-worker${extname(filename)}`)).href,
      minThreads: 0,
      maxThreads: Math.max(1, availableParallelism() - 1),
      maxQueue: limits.mostWaiting,
      idleTimeout: limits.idleMs,
    });
  }

  /**
   * Runs a calculation in a thread. Throws the problem it is refused with, one for a question that takes
   * too long, and one when too many wait.
   * @param left  fires when nobody waits for the answer any more; then the calculation ends
   */
  async run(name: Calculation, body: unknown, left: AbortSignal): Promise<unknown> {
    if (this.#threads.queueSize >= this.limits.mostWaiting)
      throw new HttpProblem(429, 'Busy', 'Too many long calculations wait already. Ask again in a moment.', {
        retryAfterS: 2,
      });
    const tooLong = AbortSignal.timeout(this.limits.mostMs);
    const question: Question = { name, body };
    const answer: Answer = await this.#threads
      .run(question, { signal: AbortSignal.any([tooLong, left]) })
      .catch((error: unknown) => {
        if (tooLong.aborted)
          throw new HttpProblem(
            422,
            'Too much to compute',
            `This takes longer than ${this.limits.mostMs / 1_000} seconds here. Ask for less: fewer parts, or narrower limits.`,
          );
        throw error;
      });
    if ('problem' in answer) throw new HttpProblem(...answer.problem);
    return answer.result;
  }

  end(): Promise<void> {
    return this.#threads.destroy();
  }
}
