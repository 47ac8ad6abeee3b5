import { serveStandIns } from './serve';

/** The program of simulated instruments: says where they listen to whoever started it, and ends with it. */
const { addresses } = await serveStandIns(Number(process.env.PIKE_STAND_IN_SEED ?? 1));
process.send?.({ listening: addresses.join(',') });
if (!process.send) console.log(addresses.join('\n'));
for (const signal of ['SIGTERM', 'SIGINT', 'disconnect'] as const) process.on(signal, () => process.exit(0));
