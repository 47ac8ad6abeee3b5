// A network that breaks in the middle of requests and answers: the same write sent again is one write.
import { createServer, connect } from 'node:net';
import { chanceOf } from './chance.mjs';
import { newId, request } from './stage.mjs';

const AT_ONCE = 8;
/** Share of connections that break, and bytes after which they do. */
const BREAKS = { share: 0.4, mostBytes: 900 };

/** A relay in front of the server that cuts connections on the way there or on the way back. */
function cutting(port, chance) {
  return new Promise((listening) => {
    const relay = createServer((near) => {
      const far = connect(port, '127.0.0.1');
      const breaks = chance.next() < BREAKS.share;
      const back = chance.next() < 0.5;
      let left = chance.below(BREAKS.mostBytes);
      const cut = () => {
        near.destroy();
        far.destroy();
      };
      const pass = (from, to, counts) => {
        from.on('data', (chunk) => {
          if (breaks && counts && (left -= chunk.length) <= 0) return cut();
          to.write(chunk);
        });
        from.on('end', () => to.end());
        from.on('error', cut);
      };
      pass(near, far, !back);
      pass(far, near, back);
    });
    relay.listen(0, '127.0.0.1', () => listening(relay));
  });
}

export async function networkCuts(stage, { writes, seed = 5 }) {
  const chance = chanceOf(seed);
  const relay = await cutting(stage.port, chance);
  const { port } = relay.address();
  const list = JSON.parse((await stage.json('GET', '/api/tools?limit=1')).text);
  const { body } = list.records[0];
  const headers = {
    cookie: stage.cookie,
    'content-type': 'application/json',
    host: `127.0.0.1:${stage.port}`,
  };
  const ids = [];
  let cuts = 0;
  let left = writes;
  const writer = async () => {
    while (left > 0) {
      left -= 1;
      const id = newId();
      ids.push(id);
      const text = JSON.stringify({ version: 0, archived: false, body });
      for (;;) {
        const answer = await request(port, {
          agent: false,
          method: 'PUT',
          path: `/api/tools/${id}`,
          headers,
          body: text,
        });
        if (answer?.status === 200) break;
        cuts += 1;
      }
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, writer));
  relay.close();
  const now = JSON.parse((await stage.json('GET', '/api/tools?limit=1')).text);
  let twice = 0;
  for (const id of ids.slice(0, 300)) {
    const { version } = JSON.parse((await stage.json('GET', `/api/tools/${id}`)).text);
    twice += version === 1 ? 0 : 1;
  }
  const extra = now.total - list.total - ids.length;
  return {
    what: 'Connections cut in the middle of writes',
    tried: `${writes} writes, ${cuts} cut`,
    found: `${extra} too many or too few, ${twice} written twice`,
    sound: extra === 0 && twice === 0 && cuts > 0,
  };
}
