import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, freshDatabase, test } from '../fixtures/shop';

const START = join(import.meta.dirname, '../../scripts/start.mjs');

/** npm start on a scratch database and a scratch folder, and what it says. */
function start(env: Record<string, string>) {
  const child = spawn(process.execPath, [START], {
    env: { ...process.env, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (chunk: Buffer) => {
      said += chunk.toString();
    });
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  const says = async (words: RegExp): Promise<RegExpExecArray> => {
    for (;;) {
      const found = words.exec(said);
      if (found) return found;
      if (child.exitCode !== null) throw new Error(`It ended with ${child.exitCode}: ${said}`);
      await new Promise((go) => setTimeout(go, 100));
    }
  };
  return { child, ended, says, said: () => said };
}

/** Programs of this server that still run, found by the folder they were given. */
const left = (data: string): string =>
  spawnSync('bash', [
    '-c',
    `for e in /proc/[0-9]*/environ; do tr '\\0' '\\n' < $e 2>/dev/null | grep -q '^PIKE_DATA=${data}$' && echo $e; done; true`,
  ]).stdout.toString();

test('npm start: prints its address, says so a second time, keeps what was written, and leaves nothing behind', async () => {
  const data = mkdtempSync(join(tmpdir(), 'pike-start-'));
  const env = { PIKE_DATA: data, PIKE_DATABASE_URL: await freshDatabase('npm_start'), PIKE_PORT: '0' };
  const running: ChildProcess[] = [];
  try {
    const first = start(env);
    running.push(first.child);
    const url = (await first.says(/Open (http:\/\/127\.0\.0\.1:\d+)/))[1]!;
    expect(first.said()).toContain('The demo workshop is set up.');
    expect(await (await fetch(`${url}/api/health`)).json()).toMatchObject({ status: 'ok', database: true });
    expect(await (await fetch(url)).text()).toContain('<div id="root">');
    // The simulated instruments were started with it.
    const cookie = (await fetch(`${url}/api/session`)).headers.get('set-cookie')!.split(';')[0]!;
    expect(
      (
        (await (await fetch(`${url}/api/instruments`, { headers: { cookie } })).json()) as {
          instruments: unknown[];
        }
      ).instruments,
    ).toHaveLength(5);

    const second = start(env);
    expect(await second.ended).toBe(0);
    expect(second.said()).toContain(`Pike Stone is already running: ${url}`);

    first.child.kill('SIGINT');
    expect(await first.ended).toBe(0);
    expect(existsSync(join(data, 'running.json'))).toBe(false);
    expect(left(data)).toBe('');

    const again = start(env);
    running.push(again.child);
    const next = (await again.says(/Open (http:\/\/127\.0\.0\.1:\d+)/))[1]!;
    expect(again.said()).not.toContain('The demo workshop is set up.');
    expect((await fetch(`${next}/api/machines`, { headers: { cookie } })).status).toBe(200);
    again.child.kill('SIGTERM');
    await again.ended;
    expect(left(data)).toBe('');
  } finally {
    for (const child of running) child.kill('SIGKILL');
    rmSync(data, { recursive: true, force: true });
  }
});
