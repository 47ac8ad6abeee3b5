// A disk that fills up under the database: writes are refused in plain words, reads go on, and all is well again with room.
import { spawnSync } from 'node:child_process';
import { closeSync, mkdirSync, openSync, rmSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { dataFolder, isRoot } from '../lib/packages.mjs';
import { newId, Stage, wait } from './stage.mjs';

const DISK_MB = 420;

/** Writes until the disk takes no more, or has only so much left. */
function fill(file, leaveBytes) {
  const handle = openSync(file, 'a');
  const block = Buffer.alloc(1024 * 1024, 1);
  try {
    for (;;) {
      const [, free] = spawnSync('df', ['-B1', '--output=avail', file], { encoding: 'utf8' })
        .stdout.trim()
        .split('\n');
      if (Number(free) <= leaveBytes) return;
      writeSync(handle, block, 0, Math.min(block.length, Math.max(4096, Number(free) - leaveBytes)));
    }
  } catch (error) {
    if (error.code !== 'ENOSPC') throw error;
  } finally {
    closeSync(handle);
  }
}

export async function diskFull() {
  const what = 'The disk of the database full';
  const mount = join(dataFolder, `torture-disk-${process.pid}`);
  mkdirSync(mount, { recursive: true });
  const mounted =
    isRoot
    && spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK_MB}m,mode=755`, 'tmpfs', mount]).status === 0;
  if (!mounted) {
    rmSync(mount, { recursive: true, force: true });
    return {
      what,
      tried: 'nothing',
      found: 'a small disk can be made by root only; e2e/api/faults.spec.ts covers the refusal',
      sound: true,
    };
  }
  const stage = new Stage('disk', join(mount, 'database'));
  try {
    await stage.open();
    await stage.comeIn();
    const { body } = JSON.parse((await stage.json('GET', '/api/tools?limit=1')).text).records[0];
    const write = () => stage.json('PUT', `/api/tools/${newId()}`, { version: 0, archived: false, body });
    const read = () => stage.json('GET', '/api/tools?limit=50');
    const { pid } = stage.server.child;
    const results = [];
    // Nearly full: refused before the database meets it. Then full to the last byte.
    for (const leave of [40 * 1024 ** 2, 0]) {
      fill(join(mount, 'ballast'), leave);
      await wait(1_200);
      const answers = [await write(), await write(), await read(), await stage.ask({ path: '/api/health' })];
      results.push(answers.map((answer) => answer?.status ?? 'none'));
    }
    rmSync(join(mount, 'ballast'));
    await wait(1_200);
    await stage.healthy();
    const again = [await write(), await read()].map((answer) => answer?.status);
    const lives = stage.server.child.pid === pid && stage.server.child.exitCode === null;
    const right = (statuses) => String(statuses) === '507,507,200,200';
    return {
      what,
      tried: `${DISK_MB} MB, filled to 40 MB and to 0`,
      found: `writes and reads were answered ${results.map((one) => one.slice(0, 3).join(', ')).join(' and ')}; with room again ${again.join(', ')}; the server ${lives ? 'lived on' : 'ended'}`,
      sound: results.every(right) && String(again) === '200,200' && lives,
    };
  } finally {
    await stage.close();
    spawnSync('umount', ['-l', mount]);
    rmSync(mount, { recursive: true, force: true });
  }
}
