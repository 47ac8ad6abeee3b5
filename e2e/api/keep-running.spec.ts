import { expect, test } from '@playwright/test';
import { keepRunning, type Told } from '../../scripts/lib/supervise.mjs';

const TRIES = { most: 3, withinMs: 60_000, firstMs: 1, longestMs: 4 };

/** A program that is started as often as asked and ends when it is told to. */
function program(starts: (attempt: number) => void = () => undefined) {
  const running: { end(code: number): void; stopped: boolean }[] = [];
  let attempt = 0;
  const start = async () => {
    attempt += 1;
    starts(attempt);
    let end!: (code: number) => void;
    const ended = new Promise<number>((resolve) => (end = resolve));
    const one = { end, stopped: false };
    running.push(one);
    return {
      ended,
      stop: async () => {
        one.stopped = true;
        end(0);
      },
    };
  };
  return { start, running };
}
const heard = () => {
  const events: Told[] = [];
  return { events, tell: (event: Told) => void events.push(event) };
};

test('a program that ends by itself is started again, and one that is stopped is not', async () => {
  const { start, running } = program();
  const { events, tell } = heard();
  const kept = await keepRunning(start, tell, TRIES);
  running[0]!.end(9);
  await expect.poll(() => running.length).toBe(2);
  await expect.poll(() => events).toEqual([{ ended: true, code: 9, attempt: 1 }, { startedAgain: true }]);
  await kept.stop();
  expect(running.map(({ stopped }) => stopped)).toEqual([false, true]);
  expect(events).toHaveLength(2);
});

test('after its tries are used up it is given up, and that is said', async () => {
  const { start, running } = program();
  const { events, tell } = heard();
  const kept = await keepRunning(start, tell, TRIES);
  for (let i = 0; i <= TRIES.most; i += 1) {
    await expect.poll(() => running.length).toBe(i + 1);
    running[i]!.end(1);
  }
  expect(await kept.givenUp).toBe(1);
  expect(running).toHaveLength(TRIES.most + 1);
  expect(events.at(-1)).toEqual({ gaveUp: true, code: 1 });
});

test('a start that fails is a try like any other', async () => {
  const { start, running } = program((attempt) => {
    if (attempt > 1) throw new Error('the port is taken');
  });
  const { events, tell } = heard();
  const kept = await keepRunning(start, tell, TRIES);
  running[0]!.end(2);
  expect(await kept.givenUp).toBe('the port is taken');
  expect(events.filter((one) => one.ended).map(({ code }) => code)).toEqual([
    2,
    'the port is taken',
    'the port is taken',
  ]);
});

test('what failed long ago is forgotten', async () => {
  const { start, running } = program();
  const { events, tell } = heard();
  const kept = await keepRunning(start, tell, { ...TRIES, withinMs: 0 });
  for (let i = 0; i < 2 * TRIES.most; i += 1) {
    await expect.poll(() => running.length).toBe(i + 1);
    // The clock of these tries must have moved on.
    await new Promise((go) => setTimeout(go, 3));
    running[i]!.end(1);
  }
  await expect.poll(() => running.length).toBe(2 * TRIES.most + 1);
  expect(events.some((one) => one.gaveUp)).toBe(false);
  await kept.stop();
});
