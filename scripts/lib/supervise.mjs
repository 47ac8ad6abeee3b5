// Keeps a program running: one that ends by itself is started again, a limited number of times.

/** Tries to start a program again within a time, and how long the first and longest wait between them is. */
const TRIES = { most: 6, withinMs: 10 * 60_000, firstMs: 500, longestMs: 20_000 };

const wait = (ms) => new Promise((go) => setTimeout(go, ms));

/**
 * Watches a program and starts it again when it ends by itself.
 * @param start  starts it; resolves to `{ ended, stop }` when it is ready
 * @param told   is told each time it ended, was started again, or is given up
 * @returns the first start's result, `stop`, and `givenUp`, which resolves when the tries are used up
 */
export async function keepRunning(start, told, tries = TRIES) {
  let stopping = false;
  let program = await start();
  /** Settles when no start is under way any more. */
  let starting = Promise.resolve();
  let giveUp;
  const givenUp = new Promise((resolve) => (giveUp = resolve));
  const failures = [];

  const again = async (code) => {
    for (;;) {
      if (stopping) return;
      const now = Date.now();
      failures.push(now);
      while (failures[0] < now - tries.withinMs) failures.shift();
      if (failures.length > tries.most) {
        told({ gaveUp: true, code });
        return giveUp(code);
      }
      told({ ended: true, code, attempt: failures.length });
      await wait(Math.min(tries.longestMs, tries.firstMs * 2 ** (failures.length - 1)));
      if (stopping) return;
      try {
        program = await start();
        if (stopping) return void (await program.stop());
        told({ startedAgain: true });
        return watch();
      } catch (error) {
        code = error.message;
      }
    }
  };
  const watch = () => {
    starting = program.ended.then((code) => (stopping ? undefined : again(code)));
  };
  watch();
  return {
    first: program,
    givenUp,
    stop: async () => {
      stopping = true;
      await program.stop();
      await starting;
    },
  };
}
