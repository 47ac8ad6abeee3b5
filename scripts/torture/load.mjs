// More requests than the server can answer: it slows down, answers all, and its memory stays.
import { newId } from './stage.mjs';

export async function load(stage, { connections, seconds }) {
  const { default: autocannon } = await import('autocannon');
  const url = `http://127.0.0.1:${stage.port}`;
  const headers = { cookie: stage.cookie, 'content-type': 'application/json' };
  const { body } = JSON.parse((await stage.json('GET', '/api/tools?limit=1')).text).records[0];
  const before = await stage.measured();
  const text = JSON.stringify({ version: 0, archived: false, body });
  const shoot = (requests) => autocannon({ url, connections, duration: seconds, timeout: 30, requests });
  const reads = await shoot([{ method: 'GET', path: '/api/tools?limit=50', headers }]);
  const writes = await shoot([
    {
      method: 'PUT',
      headers,
      body: text,
      setupRequest: (one) => ({ ...one, path: `/api/tools/${newId()}` }),
    },
  ]);
  const after = await stage.measured();
  const said = ({ requests, latency, errors, timeouts, statusCodeStats }) =>
    `${Math.round(requests.average)} a second, p50 ${Math.round(latency.p50)} ms, p99 ${Math.round(latency.p99)} ms, ${errors + timeouts} broken, answers ${Object.entries(
      statusCodeStats,
    )
      .map(([status, { count }]) => `${status}: ${count}`)
      .join(', ')}`;
  const onlyBusy = ({ statusCodeStats }) =>
    Object.keys(statusCodeStats).every((status) => ['200', '503'].includes(status));
  return {
    what: 'Load to saturation',
    tried: `${connections} connections, ${seconds} s each`,
    found: `reads ${said(reads)}; writes ${said(writes)}; ${before.rssMb} MB before, ${after.rssMb} MB after`,
    sound:
      reads.errors + writes.errors === 0
      && onlyBusy(reads)
      && onlyBusy(writes)
      && after.rssMb < before.rssMb + 400,
  };
}
