// Moves a cluster to another PostgreSQL, by a proved backup that is brought into a cluster beside it.
import { renameSync, rmSync } from 'node:fs';
import { backUp, bringIn } from './backup.mjs';
import { Cluster } from './postgres.mjs';
import { step } from './say.mjs';

/**
 * Makes a cluster of the newest installed version beside this one, with everything of this one in it, and
 * puts it in this one's place. Until the very end the old cluster stands where it stood: whatever fails
 * before leaves it as it was.
 * @returns the folder in which the old cluster lies now
 */
export async function moveToNewest(cluster) {
  const { version, base } = cluster;
  const beside = `${base}-new`;
  rmSync(beside, { recursive: true, force: true });
  const fresh = new Cluster(beside, beside);
  try {
    const { file } = await step(`Saving the database of PostgreSQL ${version}`, async () =>
      backUp(await cluster.open()),
    );
    await cluster.stop();
    await step('Bringing it into the newest version', async () => bringIn(file, await fresh.open()));
    await fresh.stop();
  } catch (error) {
    await fresh.stop();
    fresh.remove();
    throw error;
  } finally {
    await cluster.stop();
  }
  const old = `${base}-${version}`;
  rmSync(old, { recursive: true, force: true });
  renameSync(base, old);
  renameSync(beside, base);
  return old;
}
