import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ChildProcess } from 'node:child_process';
import { comeIn, npmStart, programsOf } from '../fixtures/npm-start';
import { expect, freshDatabase, test } from '../fixtures/shop';

test('npm start with a database elsewhere: lets in by a code only, keeps what was written, and leaves nothing behind', async () => {
  const data = mkdtempSync(join(tmpdir(), 'pike-start-'));
  const env = { PIKE_DATA: data, PIKE_DATABASE_URL: await freshDatabase('npm_start'), PIKE_PORT: '0' };
  const running: ChildProcess[] = [];
  try {
    const first = npmStart(env);
    running.push(first.child);
    const url = await first.opens();
    expect(first.said()).toContain('The demo workshop is set up.');
    expect(await (await fetch(`${url}/api/health`)).json()).toMatchObject({ status: 'ok', database: true });
    expect(await (await fetch(url)).text()).toContain('<div id="root">');

    // Nobody comes in without the code, and with it one device does.
    expect((await comeIn(url)).status).toBe(403);
    const code = (await first.says(/and type (\d{3}) (\d{3})/)).slice(1).join('');
    const paired = await comeIn(url, { code, device: 'Phone at the lathe' });
    expect(paired.status).toBe(200);
    const cookie = paired.headers.get('set-cookie')!.split(';')[0]!;
    expect((await comeIn(url, { code })).status).toBe(403);
    // The simulated instruments were started with it.
    const { instruments } = (await (
      await fetch(`${url}/api/instruments`, { headers: { cookie } })
    ).json()) as { instruments: unknown[] };
    expect(instruments).toHaveLength(5);

    const second = npmStart(env);
    expect(await second.ended).toBe(0);
    expect(second.said()).toContain(`Pike Stone is already running: ${url}`);

    first.child.kill('SIGINT');
    expect(await first.ended).toBe(0);
    expect(programsOf(data)).toEqual([]);

    const again = npmStart(env);
    running.push(again.child);
    const next = await again.opens();
    expect(again.said()).not.toContain('The demo workshop is set up.');
    expect((await fetch(`${next}/api/machines`, { headers: { cookie } })).status).toBe(200);
    again.child.kill('SIGTERM');
    await again.ended;
    expect(programsOf(data)).toEqual([]);
  } finally {
    for (const child of running) child.kill('SIGKILL');
    rmSync(data, { recursive: true, force: true });
  }
});
