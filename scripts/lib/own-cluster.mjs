// The cluster of this folder's data, for the commands that look after it.
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { holdLock, holderOf } from './lock.mjs';
import { dataFolder, projectRoot } from './packages.mjs';
import { Cluster } from './postgres.mjs';
import { Stop } from './say.mjs';

export function ownCluster() {
  const place = createHash('sha256').update(projectRoot).digest('hex').slice(0, 12);
  return new Cluster(join(dataFolder, 'postgres'), `/var/lib/pike-stone-${place}`);
}

/** Takes the folder for a command that must be alone; throws when npm start has it. */
export async function takeFolder(what) {
  const giveBack = await holdLock(dataFolder, () => ({ pid: process.pid, url: null }));
  if (giveBack) return giveBack;
  const other = await holderOf(dataFolder);
  throw new Stop(
    `Pike Stone runs from this folder${other ? ` (process ${other.pid})` : ''}. End it before you ${what}: Ctrl-C where npm start was typed.`,
  );
}
