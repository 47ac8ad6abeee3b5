// Clients that send a byte at a time: others are served as before, and the slow ones are cut off.
import { connect } from 'node:net';
import { wait } from './stage.mjs';

const BYTE_MS = 500;
const ASKED = 60;

export async function slowClients(stage, { connections, seconds }) {
  const text = `PUT /api/tools/x HTTP/1.1\r\nHost: 127.0.0.1:${stage.port}\r\nContent-Length: 60000\r\nX-Slow: `;
  let cutOff = 0;
  let open = 0;
  const sockets = Array.from({ length: connections }, () => {
    const socket = connect(stage.port, '127.0.0.1');
    let at = 0;
    const drip = setInterval(() => socket.writable && socket.write(text[at++] ?? 'x'), BYTE_MS);
    socket.on('connect', () => (open += 1));
    socket.on('error', () => undefined);
    socket.on('close', () => {
      clearInterval(drip);
      cutOff += 1;
    });
    return socket;
  });
  await wait(1_500);
  const times = [];
  let bad = 0;
  for (let i = 0; i < ASKED; i += 1) {
    const began = performance.now();
    const answer = await stage.json('GET', '/api/tools?limit=50');
    times.push(performance.now() - began);
    if (answer?.status !== 200) bad += 1;
  }
  await wait(seconds * 1_000);
  const left = cutOff;
  for (const socket of sockets) socket.destroy();
  const sorted = times.sort((a, b) => a - b);
  return {
    what: 'Clients that send a byte in half a second',
    tried: `${connections} at once`,
    found: `${open} connected; meanwhile a list was answered in ${Math.round(sorted[Math.floor(ASKED / 2)])} ms (median) and ${Math.round(sorted.at(-2))} ms (p98), ${bad} not; ${left} were cut off within ${seconds} s`,
    sound: bad === 0 && left >= connections * 0.99,
  };
}
