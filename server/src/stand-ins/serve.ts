import { createServer, type AddressInfo, type Server } from 'node:net';
import { INSTRUMENT_KINDS, type InstrumentKind } from '@pike-stone/contract';
import { Chance } from './chance';
import { STAND_INS } from './stand-ins';

const STEP_MS = 50;
const LONGEST_COMMAND = 60;

/** One simulated instrument on a loopback port: every listener gets a line of its own. */
function serveOne(kind: InstrumentKind, seed: number): Server {
  return createServer((socket) => {
    const standIn = STAND_INS[kind](new Chance(seed));
    const begun = performance.now();
    let last = 0;
    let typed = '';
    socket
      .setEncoding('latin1')
      .setNoDelay(true)
      .on('error', () => undefined);
    socket.write(`HELLO ${standIn.word} STAND-IN\r\n`);
    socket.on('data', (chunk: string) => {
      const lines = (typed + chunk).slice(-LONGEST_COMMAND).split(/\r?\n/);
      typed = lines.pop() ?? '';
      for (const line of lines) {
        const near = Number(/^NEAR (\d{1,6}(?:\.\d{1,6})?)$/.exec(line)?.[1]);
        if (near > 0) standIn.near(near);
      }
    });
    const timer = setInterval(() => {
      const now = (performance.now() - begun) / 1000;
      for (const { text, delayMs } of standIn.advance(last, now))
        setTimeout(() => socket.writable && socket.write(`${text}\r\n`), delayMs);
      last = now;
    }, STEP_MS);
    socket.on('close', () => clearInterval(timer));
  });
}

/** Starts every stand-in on free loopback ports; resolves to `kind=127.0.0.1:port` for each. */
export async function serveStandIns(
  seed: number,
): Promise<{ readonly addresses: readonly string[]; close(): void }> {
  const servers = INSTRUMENT_KINDS.map((kind, i) => ({ kind, server: serveOne(kind, seed + i) }));
  const addresses = await Promise.all(
    servers.map(
      ({ kind, server }) =>
        new Promise<string>((resolve, reject) => {
          server.once('error', reject);
          server.listen(0, '127.0.0.1', () =>
            resolve(`${kind}=127.0.0.1:${(server.address() as AddressInfo).port}`),
          );
        }),
    ),
  );
  return {
    addresses,
    close: () => {
      for (const { server } of servers) server.close();
    },
  };
}
