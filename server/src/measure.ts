const TICK_MS = 5;

/** The longest time that the event loop was held since it was asked last, and the memory in use. */
export interface Measured {
  readonly heldMs: number;
  readonly rssMb: number;
}

/**
 * Measures how long one request keeps all others waiting, for the torture script. On a shared machine the
 * process is also set aside by others: a gap counts only as far as the processor worked for us in it.
 * @returns  a function that answers what was measured since it was called last
 */
export function measure(): () => Measured {
  let heldMs = 0;
  let at = performance.now();
  let worked = process.cpuUsage();
  const ticking = setInterval(() => {
    const now = performance.now();
    const { user, system } = process.cpuUsage(worked);
    heldMs = Math.max(heldMs, Math.min(now - at - TICK_MS, (user + system) / 1_000));
    at = now;
    worked = process.cpuUsage();
  }, TICK_MS) as unknown as NodeJS.Timeout;
  ticking.unref();
  return () => {
    const answer = { heldMs: Math.round(heldMs), rssMb: Math.round(process.memoryUsage.rss() / 1e6) };
    heldMs = 0;
    return answer;
  };
}
