// The user that a program runs as. Nothing that listens runs as root.
import { spawnSync } from 'node:child_process';
import { isRoot, projectRoot, works } from './packages.mjs';
import { say } from './say.mjs';

const NAME = 'pike-stone';

const numberOf = (name, flag) => {
  const { status, stdout } = spawnSync('id', [flag, name], { encoding: 'utf8' });
  return status === 0 ? Number(stdout.trim()) : null;
};

/** Numbers of a user and its group; null when there is no such user. */
export function userCalled(name) {
  const [uid, gid] = ['-u', '-g'].map((flag) => numberOf(name, flag));
  return uid === null || gid === null ? null : { uid, gid };
}

let known;

/**
 * The user for Node programs that root starts: one without a password, a home or any other right, made
 * when it is missing. Null when this process is not root: then its own user is right.
 */
export function programUser() {
  if (!isRoot) return null;
  if (known !== undefined) return known;
  if (!userCalled(NAME))
    spawnSync('useradd', [
      '--system',
      '--user-group',
      '--no-create-home',
      '--shell',
      '/usr/sbin/nologin',
      NAME,
    ]);
  const user = userCalled(NAME);
  const enters =
    user
    && works('runuser', [
      '-u',
      NAME,
      '--',
      process.execPath,
      '-e',
      `require('fs').readdirSync(${JSON.stringify(projectRoot)})`,
    ]);
  if (!enters) {
    say(
      user
        ? `The user ${NAME} cannot read ${projectRoot}, so the server runs as root. Better: move this folder, for example to /opt, and start again.`
        : `The user ${NAME} could not be made, so the server runs as root. Better: start as an ordinary user.`,
    );
  }
  known = enters ? user : null;
  return known;
}
