// A backup a day while npm start runs, and the news of the last good one for the server.
import { backUp, goodBackups } from './backup.mjs';
import { say } from './say.mjs';

const DAY_MS = 86_400_000;
/** The first look comes when the start is over; then one an hour. */
const LOOKS = { firstMs: 90_000, everyMs: 3_600_000 };

const lastGood = () => goodBackups()[0]?.at ?? null;

/** Makes a backup whenever the last good one is a day old. A failure is said and tried again at the next look. */
export function backUpDaily(url, log, looks = LOOKS) {
  let child = null;
  let timer;
  let working = Promise.resolve();
  const tell = () => child?.connected && child.send({ backup: lastGood() });
  const look = async () => {
    const last = lastGood();
    if (last === null || Date.now() - last >= DAY_MS) {
      try {
        const { file } = await backUp(url);
        log.write(`${JSON.stringify({ level: 30, time: Date.now(), msg: 'backup made', file })}\n`);
      } catch (error) {
        say(`The daily backup failed: ${error.message.split('\n')[0]} It is tried again in an hour.`);
        log.write(
          `${JSON.stringify({ level: 50, time: Date.now(), msg: 'backup failed', err: String(error) })}\n`,
        );
      }
      tell();
    }
    timer = setTimeout(start, looks.everyMs);
  };
  const start = () => {
    working = look();
  };
  timer = setTimeout(start, looks.firstMs);
  return {
    tell: (program) => {
      child = program;
      tell();
    },
    stop: async () => {
      clearTimeout(timer);
      await working;
      clearTimeout(timer);
    },
  };
}
