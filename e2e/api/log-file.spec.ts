import { mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { openLog } from '../../scripts/lib/log-file.mjs';

const MB = 1024 ** 2;
const settled = () => new Promise((go) => setTimeout(go, 20));

let folder: string;
test.beforeEach(() => void (folder = mkdtempSync(join(tmpdir(), 'pike-stone-log-'))));
test.afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a log is set aside at its size, and only the newest few are kept', async () => {
  const log = await openLog(folder, 'server.log');
  for (let mb = 0; mb < 40; mb += 1) {
    log.write(`${'x'.repeat(MB / 2 - 1)}\n`);
    log.write(`${'y'.repeat(MB / 2 - 1)}\n`);
    await settled();
  }
  // A slow disk drops lines while too much waits for it: the last one is said until it is taken.
  await expect
    .poll(() => {
      log.write('the end\n');
      return log.tail();
    })
    .toContain('the end');
  await log.close();
  const logs = readdirSync(folder).filter((name) => name.endsWith('.log'));
  expect(logs).toContain('server.log');
  expect(logs.length).toBeGreaterThan(3);
  expect(logs.length).toBeLessThanOrEqual(6);
  for (const name of logs) expect(statSync(join(folder, name)).size, name).toBeLessThanOrEqual(5 * MB);
  expect(log.tail()).toContain('the end');
});
