import { serveStandIns } from './serve';

/** Program of the simulated instruments: sends their addresses to its parent process and ends with it. */
export async function start(): Promise<void> {
  const { addresses } = await serveStandIns(Number(process.env.PIKE_STAND_IN_SEED ?? 1));
  process.send?.({ listening: addresses.join(',') });
  if (!process.send) console.log(addresses.join('\n'));
  for (const signal of ['SIGTERM', 'SIGINT', 'disconnect'] as const)
    process.on(signal, () => process.exit(0));
}
