// Writes while the server and the database are killed by turns: nothing acknowledged may be lost or doubled.
import { newId, wait } from './stage.mjs';

const AT_ONCE = 12;
const TRIES_PAUSE_MS = 40;

/** Sends one write until it is answered, as the page does. Resolves to the answer and how often it was sent. */
async function untilAnswered(stage, path, body) {
  for (let sent = 1; ; sent += 1) {
    const answer = await stage.json('PUT', path, body);
    if (answer && answer.status < 500 && answer.status !== 429) return { answer, sent };
    await wait(TRIES_PAUSE_MS);
  }
}

export async function kills(stage, { writes, times }) {
  const list = JSON.parse((await stage.json('GET', '/api/tools?limit=1')).text);
  const { body } = list.records[0];
  const before = list.total;
  const acknowledged = [];
  const odd = [];
  let resent = 0;
  let left = writes;
  let killing = true;
  const writer = async () => {
    while (left > 0) {
      left -= 1;
      const id = newId();
      const { answer, sent } = await untilAnswered(stage, `/api/tools/${id}`, {
        version: 0,
        archived: false,
        body: { ...body, name: `Written ${id.slice(-12)}` },
      });
      resent += sent - 1;
      if (answer.status === 200) acknowledged.push(id);
      else odd.push(answer.status);
      // Slow enough that every kill falls into the writing.
      if (killing) await wait(2);
    }
  };
  const killer = async () => {
    for (let i = 0; i < times; i += 1) {
      await wait(250);
      if (i % 2 === 0) {
        await stage.killServer();
        await stage.start();
      } else await stage.killDatabase();
      await stage.healthy();
    }
    killing = false;
  };
  await Promise.all([killer(), ...Array.from({ length: AT_ONCE }, writer)]);
  const kept = new Map();
  for (let next = ''; next !== null;) {
    const page = JSON.parse(
      (await stage.json('GET', `/api/tools?limit=500${next && `&after=${next}`}`)).text,
    );
    for (const record of page.records) kept.set(record.id, record);
    ({ next } = page);
  }
  const lost = acknowledged.filter((id) => !kept.has(id));
  const changed = acknowledged.filter((id) => kept.has(id) && kept.get(id).version !== 1);
  const extra = kept.size - before - acknowledged.length;
  return {
    what: 'Server and database killed by turns under writes',
    tried: `${writes} writes, ${times} kills`,
    found: `${acknowledged.length} acknowledged, ${resent} sent again; ${lost.length} lost, ${changed.length} written twice, ${extra} that nobody was told of, ${odd.length} refused`,
    sound: lost.length + changed.length + extra + odd.length === 0 && acknowledged.length === writes,
  };
}
