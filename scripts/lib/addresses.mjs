// Where the server can be opened, and how a new device comes in, as lines on the terminal.
import { networkInterfaces } from 'node:os';
import { say } from './say.mjs';

const isAny = (host) => host === '0.0.0.0' || host === '::';
const inAddress = (host) => (host.includes(':') ? `[${host}]` : host);

/** Addresses of this computer that other devices reach, IPv4 before IPv6. */
const outside = () =>
  Object.values(networkInterfaces())
    .flatMap((all) => all ?? [])
    .filter(({ internal, address }) => !internal && !address.startsWith('fe80'))
    .sort((a, b) => Number(a.family === 'IPv6') - Number(b.family === 'IPv6'))
    .map(({ address }) => address);

/** Addresses to open, the one for this computer first. */
export function addressesOf({ host, port }) {
  const hosts = isAny(host) ? ['127.0.0.1', ...outside()] : [host];
  return hosts.map((one) => `http://${inAddress(one)}:${port}`);
}

/** Says on the terminal how a new device comes in: an address, its QR code and the six digits. */
export async function sayPairing(listens, { code, untilMs }) {
  const addresses = addressesOf(listens);
  const url = addresses[1] ?? addresses[0];
  const { default: qrcode } = await import('qrcode');
  // The code stands behind the #, which a browser does not send and a log does not keep.
  const picture = await qrcode.toString(`${url}/pair#${code}`, { type: 'utf8' });
  const minutes = Math.max(1, Math.round((untilMs - Date.now()) / 60_000));
  console.log(`\n${picture.replace(/^/gm, '  ')}`);
  say(
    `To let in a phone or another computer: open ${url}/pair and type ${code.slice(0, 3)} ${code.slice(3)}`,
  );
  say(
    `Good for one device and ${minutes} minutes. The next code: Settings of a device that is in, or here after use.`,
  );
}
