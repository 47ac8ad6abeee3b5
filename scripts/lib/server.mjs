// Starts the programs of the server as children and hears from them when they listen.
import { spawn } from 'node:child_process';
import { openSync } from 'node:fs';
import { join } from 'node:path';
import { projectRoot } from './packages.mjs';
import { Stop } from './say.mjs';

/** A program of the server as a child in a group of its own: Ctrl-C reaches it through us, once. */
const startProgram = (file, env, log) => {
  const child = spawn(process.execPath, ['--import', 'tsx', join(projectRoot, 'server/src', file)], {
    cwd: projectRoot,
    env: { ...process.env, ...env },
    stdio: ['ignore', log, log, 'ipc'],
    detached: true,
  });
  const ended = new Promise((resolve) => child.on('exit', resolve));
  const stop = async () => {
    if (child.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
    await ended;
  };
  return { child, ended, stop };
};
const logTo = (file) => (file ? openSync(file, 'a', 0o600) : 'ignore');

/** The simulated instruments; `listening` resolves to where they speak, as PIKE_INSTRUMENTS wants it. */
export function startStandIns(env = {}, logFile) {
  const program = startProgram('stand-ins/main.ts', env, logTo(logFile));
  const listening = new Promise((resolve, reject) => {
    program.child.on('message', (message) => resolve(message.listening));
    program.ended.then((code) => reject(new Stop(`The simulated instruments ended with ${code}.`)));
  });
  return { ...program, listening };
}

/** Resolves when the server listens. */
export function startServer(env, logFile) {
  const { child, ended, stop } = startProgram('main.ts', env, logTo(logFile));
  const listening = new Promise((resolve, reject) => {
    child.on('message', (message) => {
      if (message.listening) resolve(message.listening);
      if (message.failed)
        reject(
          new Stop(
            message.code === 'EADDRINUSE'
              ? `Another program already uses this address. Choose another port: PIKE_PORT=4800 npm start`
              : `The server could not start: ${message.failed}`,
          ),
        );
    });
    ended.then((code) =>
      reject(
        new Stop(`The server ended with ${code} before it listened${logFile ? `; see ${logFile}` : ''}.`),
      ),
    );
  });
  return { child, ended, listening, stop };
}
