import type { BackupAnswer } from '@pike-stone/contract';
import type { RequestHandler } from 'express';

/** What is known of the backups: npm start makes them and tells the server of each good one. */
export class Backups {
  #last: number | null = null;
  #told = false;
  readonly #since: number;

  /** @param clock  the time now, ms */
  constructor(private readonly clock: () => number) {
    this.#since = clock();
  }

  /** Notes when the last good backup was made; null when there is none. */
  note(last: number | null): void {
    this.#last = last;
    this.#told = true;
  }

  /** Answers when the last good backup was made, and since when there should have been one. */
  route(): RequestHandler {
    return (_request, response) => {
      const answer: BackupAnswer = {
        made: this.#told,
        last: this.#last === null ? null : new Date(this.#last).toISOString(),
        ageDays: (this.clock() - (this.#last ?? this.#since)) / 86_400_000,
      };
      response.json(answer);
    };
  }
}
