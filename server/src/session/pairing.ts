import { randomInt, timingSafeEqual } from 'node:crypto';

/** How long a code is good for, and after how many wrong ones another takes its place. */
const GOOD_FOR_MS = 15 * 60_000;
const MOST_WRONG = 10;
const DIGITS = 6;

export interface Code {
  /** Six digits. */
  readonly code: string;
  readonly untilMs: number;
}

const newCode = (now: number): Code => ({
  code: String(randomInt(10 ** DIGITS)).padStart(DIGITS, '0'),
  untilMs: now + GOOD_FOR_MS,
});

/** The code by which one new device may come in. It changes with each use, with time, and when it is guessed at. */
export class Pairing {
  #code: Code;
  #wrong = 0;

  /**
   * @param clock    the time now, ms
   * @param changed  is told each code that takes the place of one that was used or guessed at
   */
  constructor(
    private readonly clock: () => number,
    private readonly changed: (code: Code) => void = () => undefined,
  ) {
    this.#code = newCode(clock());
  }

  get code(): Code {
    if (this.#code.untilMs <= this.clock()) this.#renew();
    return this.#code;
  }

  /** Whether this is the code. A right one is used up; after too many wrong ones there is another. */
  use(given: string): boolean {
    const [typed, code] = [Buffer.from(given), Buffer.from(this.code.code)];
    const right = typed.length === code.length && timingSafeEqual(typed, code);
    this.#wrong += right ? 0 : 1;
    if (right || this.#wrong >= MOST_WRONG) {
      this.#renew();
      this.changed(this.#code);
    }
    return right;
  }

  #renew(): void {
    this.#code = newCode(this.clock());
    this.#wrong = 0;
  }
}
