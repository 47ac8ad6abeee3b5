/** A pseudo-random generator that gives the same numbers for the same seed. */
export class Chance {
  #state: number;

  constructor(seed: number) {
    this.#state = seed >>> 0;
  }

  /** A number from 0 to 1. */
  next(): number {
    this.#state = (this.#state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(this.#state ^ (this.#state >>> 15), this.#state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return (((t ^ (t >>> 14)) >>> 0) + 0.5) / 4_294_967_296;
  }

  once(probability: number): boolean {
    return this.next() < probability;
  }

  between(low: number, high: number): number {
    return low + (high - low) * this.next();
  }

  /** A number roughly normal around 0, from the sum of three. */
  noise(sd: number): number {
    return sd * 2 * (this.next() + this.next() + this.next() - 1.5);
  }
}
