// Starts the programs of the server as children and hears from them when they listen.
import { spawn } from 'node:child_process';
import { programToRun } from './build-server.mjs';
import { projectRoot } from './packages.mjs';
import { Stop } from './say.mjs';
import { programUser } from './user.mjs';

/**
 * A program of the built server as a child in a group of its own: Ctrl-C reaches it through us, once.
 * @param log  where its words go, as `openLog` makes one; without it they are dropped
 */
const startProgram = (name, env, log) => {
  const child = spawn(process.execPath, programToRun(name), {
    cwd: projectRoot,
    env: { ...process.env, ...env },
    stdio: ['ignore', log ? 'pipe' : 'ignore', log ? 'pipe' : 'ignore', 'ipc'],
    detached: true,
    ...programUser(),
  });
  log?.takes(child);
  const ended = new Promise((resolve) => child.on('exit', (code, signal) => resolve(signal ?? code)));
  const stop = async () => {
    if (child.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
    await ended;
  };
  return { child, ended, stop };
};

/** The simulated instruments; `listening` resolves to where they speak, as PIKE_INSTRUMENTS wants it. */
export function startStandIns(env = {}, log) {
  const program = startProgram('stand-ins', env, log);
  const listening = new Promise((resolve, reject) => {
    program.child.on('message', (message) => resolve(message.listening));
    program.ended.then((code) => reject(new Stop(`The simulated instruments ended with ${code}.`)));
  });
  return { ...program, listening };
}

/** Why the server could not listen, and what to do. */
const failure = ({ failed, code, port }) => {
  if (code === 'EADDRINUSE')
    return `Another program already uses port ${port}. Nothing of it was touched. Choose another port: PIKE_PORT=4800 npm start`;
  if (code === 'EACCES')
    return `Port ${port} may not be used. Choose one above 1023: PIKE_PORT=4800 npm start`;
  if (code === 'EADDRNOTAVAIL') return 'PIKE_HOST is not an address of this computer.';
  return `The server could not start: ${failed}`;
};

/**
 * The server; `listening` resolves when it listens.
 * @param onPairing  hears each code by which a new device may come in
 */
export function startServer(env, log, onPairing = () => undefined) {
  const program = startProgram('main', env, log);
  const listening = new Promise((resolve, reject) => {
    program.child.on('message', (message) => {
      if (message.listening) resolve(message.listening);
      if (message.pairing) onPairing(message.pairing);
      if (message.failed) reject(new Stop(failure(message)));
    });
    program.ended.then((code) =>
      reject(new Stop(`The server ended with ${code} before it listened${log ? `; see ${log.path}` : ''}.`)),
    );
  });
  return { ...program, listening };
}
