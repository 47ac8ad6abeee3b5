// What is tortured: a cluster and a server of its own, to be killed, filled and overloaded.
import { randomBytes } from 'node:crypto';
import http from 'node:http';
import { join } from 'node:path';
import { dataFolder } from '../lib/packages.mjs';
import { Cluster } from '../lib/postgres.mjs';
import { startServer } from '../lib/server.mjs';
import { webRoot } from '../lib/web.mjs';

const wait = (ms) => new Promise((go) => setTimeout(go, ms));

/** A UUID of version 7, as a client makes it. */
export function newId() {
  const bytes = randomBytes(16);
  bytes.writeUIntBE(Date.now(), 0, 6);
  bytes[6] = 0x70 | (bytes[6] & 0x0f);
  bytes[8] = 0x80 | (bytes[8] & 0x3f);
  return bytes.toString('hex').replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
}

/** One request without anything made pretty on its way; resolves to null when the connection broke. */
export function request(port, { method = 'GET', path = '/', headers = {}, body, agent }) {
  return new Promise((resolve) => {
    // Characters that no client could send are sent as they are escaped.
    const asked = http.request(
      {
        host: '127.0.0.1',
        port,
        method,
        path: encodeURI(path).replaceAll('%25', '%'),
        headers,
        agent,
        timeout: 40_000,
      },
      (answer) => {
        const parts = [];
        answer.on('data', (part) => parts.push(part));
        answer.on('error', () => resolve(null));
        answer.on('end', () =>
          resolve({
            status: answer.statusCode,
            headers: answer.headers,
            text: Buffer.concat(parts).toString(),
          }),
        );
      },
    );
    asked.on('error', () => resolve(null));
    asked.on('timeout', () => asked.destroy());
    asked.end(body);
  });
}

export class Stage {
  constructor(name, folder = join(dataFolder, `torture-${process.pid}-${name}`)) {
    this.cluster = new Cluster(folder, `/var/lib/pike-stone-torture-${process.pid}-${name}`);
    this.agent = new http.Agent({ keepAlive: true, maxSockets: 64 });
    this.port = 0;
  }

  async open() {
    await this.cluster.start();
    await this.start();
    return this;
  }

  async start() {
    const env = {
      PIKE_DATABASE_URL: await this.cluster.ensureDatabase(),
      PIKE_OWN_CLUSTER: 'yes',
      PIKE_DISK: this.cluster.base,
      PIKE_WEB_ROOT: webRoot,
      PIKE_PORT: String(this.port),
      PIKE_HOST: '127.0.0.1',
      PIKE_LOG_LEVEL: 'fatal',
      PIKE_INSTRUMENTS: '',
      PIKE_MEASURE: 'yes',
    };
    this.server = startServer(env);
    ({ port: this.port } = await this.server.listening);
  }

  /** The longest time the server's event loop was held since the last call, and its memory. */
  measured() {
    return new Promise((resolve) => {
      const hear = (message) => {
        if (!message.measured) return;
        this.server.child.off('message', hear);
        resolve(message.measured);
      };
      this.server.child.on('message', hear);
      this.server.child.send('measure');
    });
  }

  ask(options) {
    return request(this.port, { agent: this.agent, ...options });
  }

  /** A request with a JSON body and this stage's cookie. */
  json(method, path, body, headers = {}) {
    const text = body === undefined ? undefined : JSON.stringify(body);
    return this.ask({
      method,
      path,
      body: text,
      headers: { cookie: this.cookie ?? '', 'content-type': 'application/json', ...headers },
    });
  }

  /** Comes in, where it is not in yet. */
  async comeIn() {
    if (this.cookie) return;
    const answer = await this.json('POST', '/api/session', {});
    this.cookie = answer.headers['set-cookie'][0].split(';')[0];
  }

  /** Ends the server as a power cut would. */
  async killServer() {
    this.server.child.kill('SIGKILL');
    await this.server.ended;
  }

  /** Ends the database as a power cut would, and starts it again. */
  async killDatabase() {
    this.cluster.kill();
    for (let attempt = 1; ; attempt += 1)
      try {
        return void (await this.cluster.start());
      } catch (error) {
        // Parts of the killed one may still be ending.
        if (attempt === 10) throw error;
        await wait(300);
      }
  }

  async healthy() {
    for (let i = 0; i < 300; i += 1) {
      const health = await this.ask({ path: '/api/health' });
      if (health?.status === 200) return;
      await wait(100);
    }
    throw new Error('The server did not become well again within 30 seconds.');
  }

  async close() {
    this.agent.destroy();
    await this.server?.stop();
    await this.cluster.stop();
    this.cluster.remove();
  }
}

export { wait };
