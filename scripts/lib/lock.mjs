// One npm start for a folder at a time. The lock is a socket that the kernel closes when its process
// ends, however it ends; whoever finds it held may ask the holder who it is.
import { createHash } from 'node:crypto';
import { mkdirSync, realpathSync } from 'node:fs';
import { connect, createServer } from 'node:net';

const PROGRAM = 'pike-stone';
const PATIENCE_MS = 3_000;

/** Name of a folder's lock in the kernel's own list of sockets: there is no file that could be left behind. */
function nameOf(folder) {
  mkdirSync(folder, { recursive: true });
  const hash = createHash('sha256').update(realpathSync(folder)).digest('hex');
  return `\0${PROGRAM}-${hash.slice(0, 32)}`;
}

/**
 * Takes the lock of a folder for the life of this process.
 * @param told  answers what the holder tells of itself at that moment
 * @returns a function that gives the lock back, or null when another process holds it
 */
export function holdLock(folder, told) {
  return new Promise((resolve, reject) => {
    const server = createServer((socket) => {
      socket.on('error', () => undefined);
      socket.end(`${JSON.stringify({ program: PROGRAM, ...told() })}\n`);
    });
    server.on('error', (error) => (error.code === 'EADDRINUSE' ? resolve(null) : reject(error)));
    server.listen(nameOf(folder), () => {
      // The lock does not keep the process alive.
      server.unref();
      resolve(() => new Promise((closed) => server.close(closed)));
    });
  });
}

/** Told of a holder that is there and too busy to speak, as while it builds the application. */
const BUSY = { pid: null, url: null };

/**
 * What the holder of a folder's lock tells of itself; null when nobody holds it any more. One that is there
 * and says nothing in time is busy, not gone.
 */
export function holderOf(folder) {
  return new Promise((resolve) => {
    let said = '';
    const socket = connect(nameOf(folder)).setEncoding('utf8').setTimeout(PATIENCE_MS);
    const end = (holder) => {
      socket.destroy();
      resolve(holder);
    };
    socket.on('data', (text) => (said += text));
    socket.on('error', () => end(null));
    socket.on('timeout', () => end(BUSY));
    socket.on('end', () => {
      try {
        const holder = JSON.parse(said);
        end(holder?.program === PROGRAM ? holder : null);
      } catch {
        end(null);
      }
    });
  });
}
