import { hostname, networkInterfaces } from 'node:os';
import type { Request, RequestHandler } from 'express';
import { HttpProblem } from './problem';

const LOOPBACK = ['127.0.0.1', 'localhost', '::1'] as const;
const ANY = ['0.0.0.0', '::'];
const LOOKED_MS = 10_000;

const MOST_REMEMBERED = 100;
const hosts = new Map<string, string | null>();

/** Host of a Host header without its port, in one case; null when it is not well-formed. Requests repeat few of them. */
function hostIn(header: string | undefined): string | null {
  if (!header) return null;
  const known = hosts.get(header);
  if (known !== undefined) return known;
  const address = `http://${header}/`;
  const host = URL.canParse(address) ? new URL(address).hostname.replace(/^\[|\]$/g, '').toLowerCase() : null;
  if (hosts.size >= MOST_REMEMBERED) hosts.clear();
  hosts.set(header, host);
  return host;
}

/** Host and port of an Origin header; null when it names no page. */
const originHost = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null);

/** Names that this computer has in its own network. */
const namesHere = (): string[] => {
  const own = hostname().toLowerCase();
  const addresses = Object.values(networkInterfaces()).flatMap((all) => all ?? []);
  return [own, `${own}.local`, ...addresses.map(({ address }) => address.toLowerCase())];
};

/** The addresses under which the server may be asked. */
export class OwnAddress {
  #looked = { at: 0, names: new Set<string>() };

  /** @param host  what the server listens on @param names  further names under which it is reached */
  constructor(
    private readonly host: string,
    private readonly names: readonly string[],
  ) {}

  /** Whether only this computer reaches the server. */
  get onlyHere(): boolean {
    return isLoopback(this.host);
  }

  has(name: string): boolean {
    if (Date.now() - this.#looked.at > LOOKED_MS) {
      const listening = ANY.includes(this.host) ? [...LOOPBACK, ...namesHere()] : [this.host.toLowerCase()];
      const all = this.onlyHere ? [...LOOPBACK, ...listening] : listening;
      this.#looked = { at: Date.now(), names: new Set([...all, ...this.names]) };
    }
    return this.#looked.names.has(name);
  }

  /**
   * Refuses what does not come from a page of this server: a Host that is not ours (another site whose
   * name was bound to this address), and a write whose Origin is another page.
   */
  required(): RequestHandler {
    return (request, _response, next) => {
      const { host, origin } = request.headers;
      const name = hostIn(host);
      if (!name || !this.has(name))
        throw new HttpProblem(
          421,
          'Not this address',
          'Pike Stone does not answer under this name. Open it under the address that npm start prints; PIKE_NAMES adds others.',
        );
      const reads = request.method === 'GET' || request.method === 'HEAD';
      if (!reads && origin !== undefined && originHost(origin) !== host)
        throw new HttpProblem(403, 'Another page', 'Only a page of Pike Stone itself may write here.');
      next();
    };
  }
}

function isLoopback(name: string): boolean {
  return name === 'localhost' || name === '::1' || /^127\.\d+\.\d+\.\d+$/.test(name);
}

/** Whether a request comes from this very computer, under one of its own names, and through nobody else. */
export function fromHere(request: Request): boolean {
  const remote = request.socket.remoteAddress?.replace(/^::ffff:/, '') ?? '';
  const name = hostIn(request.headers.host);
  const relayed = request.headers['x-forwarded-for'] ?? request.headers.forwarded ?? request.headers.via;
  return relayed === undefined && isLoopback(remote) && name !== null && isLoopback(name);
}
