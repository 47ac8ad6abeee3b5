// Bad input on every route and topic: nothing of it may be answered as a fault of ours, or hold up others.
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { projectRoot } from '../lib/packages.mjs';
import { chanceOf } from './chance.mjs';
import { mostOf, piece } from './pace.mjs';

const AT_ONCE = 4;
/** No request may keep the others waiting longer than this many pieces of work take at the same time. */
const MOST_HELD_PIECES = 30;
/** After so many requests a piece is timed. */
const TIMED_EVERY = 50;

const JUNK = [
  null,
  '',
  'x',
  -1,
  0,
  1e-9,
  1e6,
  999_999,
  -1e6,
  1e308,
  true,
  [],
  {},
  [1],
  [[[[]]]],
  { a: 1 },
  { __proto__: null },
  '\u0000',
  'a\u0000b',
  '\ud800',
  '\udc00x',
  'x'.repeat(500),
  'ü'.repeat(300),
  '__proto__',
  'constructor',
  '2026-13-45',
  '0192F000-0005-7000-8000-00000000ABCD',
  '0192f000-0001-7000-8000-000000000001',
  "'; drop table tool; --",
  '<script>',
  '%00',
  0.1 + 0.2,
  2 ** 53,
  -0,
  '1e5',
  'NaN',
  'Infinity',
];
const LENGTHS = [0, 2, 5, 12, 24, 30, 40, 60, 100, 200, 1_000];

/** A value changed at one place into something that does not belong there, or that is very long. */
function spoiled(value, chance) {
  if (Array.isArray(value) && value.length > 0) {
    if (chance.next() < 0.3)
      return Array.from({ length: chance.oneOf(LENGTHS) }, (_, i) =>
        jittered(value[i % value.length], chance),
      );
    const at = chance.below(value.length);
    return value.map((one, i) => (i === at ? spoiled(one, chance) : one));
  }
  if (value && typeof value === 'object' && Object.keys(value).length > 0) {
    const key = chance.oneOf(Object.keys(value));
    const { [key]: inner, ...others } = value;
    const dice = chance.next();
    if (dice < 0.08) return others;
    if (dice < 0.12) return { ...value, [chance.oneOf(['extra', '__proto__', '\u0000', 'toString'])]: 1 };
    return { ...others, [key]: spoiled(inner, chance) };
  }
  if (typeof value === 'number' && chance.next() < 0.6)
    return value * chance.oneOf([-1, 0, 1e-6, 0.1, 0.5, 2, 10, 100, 1_000, 1e12]);
  return chance.oneOf(JUNK);
}

/** A value nearly the same: so that a list made long is not a list of the same. */
function jittered(value, chance) {
  if (typeof value === 'number') return Math.max(1, Math.round(value + chance.next() * 40 - 10));
  if (Array.isArray(value)) return value.map((one) => jittered(one, chance));
  if (value && typeof value === 'object')
    return Object.fromEntries(
      Object.entries(value).map(([key, one]) => [
        key,
        key === 'id' ? `${one}${chance.below(1e6)}` : jittered(one, chance),
      ]),
    );
  return value;
}

/** Bodies that fit, by the path that takes them: the worked cases, and one record of each kind. */
async function goodBodies(stage) {
  const folder = join(projectRoot, 'contract/reference/fixtures');
  const cases = readdirSync(folder).flatMap((name) => JSON.parse(readFileSync(join(folder, name), 'utf8')));
  const { paths } = JSON.parse((await stage.json('GET', '/api/openapi.json')).text);
  const bodies = [];
  for (const { topic, inputs } of cases)
    if (`/api/calc/${topic}` in paths)
      bodies.push({ method: 'POST', path: `/api/calc/${topic}`, body: inputs });
  const records = {};
  for (const path of Object.keys(paths).filter((one) => one.endsWith('/{id}') && paths[one].put)) {
    const kind = path.split('/')[2];
    const list = await stage.json('GET', `/api/${kind}?limit=20`);
    records[kind] = JSON.parse(list.text).records;
    for (const { id, version, archived, body } of records[kind])
      bodies.push({
        method: 'PUT',
        path: `/api/${kind}/${id}`,
        body: { version: version + 7, archived, body },
      });
  }
  const one = (kind) => records[kind][0].body;
  const cut = { ...one('cuts'), machineId: undefined, stockId: undefined, toolId: undefined };
  bodies.push({
    method: 'POST',
    path: '/api/calc/cut-plan',
    body: {
      machine: one('machines'),
      stock: { ...one('stock'), metal: 'medium-carbon' },
      tool: one('tools'),
      cut,
    },
  });
  bodies.push({
    method: 'POST',
    path: '/api/calc/effective-diameter',
    body: { cutter: 'form', contact_diameters_mm: [40, 55, 63] },
  });
  bodies.push({ method: 'POST', path: '/api/session', body: { code: '123456', device: 'A phone' } });
  const archive = Buffer.from(
    await (
      await fetch(`http://127.0.0.1:${stage.port}/api/archive`, { headers: { cookie: stage.cookie } })
    ).arrayBuffer(),
  );
  return { bodies, paths: Object.keys(paths), archive };
}

const PATHS = [
  '/%00',
  '/%ff',
  '/%',
  '/..%2f..%2fetc/passwd',
  '/fonts/none.ttf',
  '/_expo/none.js',
  '/_expo/%00',
  '//evil.example/x',
  '/api',
  '/api/',
  '/api/%00',
  '/api/tools/%E0%A4%A',
  '/api/nothing/1',
  '/index.html/..',
  `/${'a'.repeat(7_000)}`,
];
const QUERIES = [
  'limit=0',
  'limit=-1',
  'limit=1e9',
  'limit=abc',
  'after=1',
  'after=%00',
  'after[]=1',
  'after=bnVsbA',
  'q=%00',
  "q='",
  'q=\\',
  'q=%27%3A%2A%20%26',
  'q=a&q=b',
  'q[a]=b',
  'archived=2',
  'order=name&after=x',
  'order=age',
  'kinds=%00',
  'dull=2',
  `q=${'a '.repeat(300)}`,
  'limit=500&order=name',
  '__proto__[x]=1',
];
const HEADERS = [
  { 'content-encoding': 'gzip' },
  { 'content-encoding': 'br' },
  { 'content-encoding': 'zebra' },
  { 'content-type': 'text/plain' },
  { 'content-type': 'application/json; charset=utf-16' },
  { 'content-type': 'application/json; charset=x' },
  { origin: 'http://evil.example' },
  { origin: 'null' },
  { host: 'evil.example' },
  { host: '' },
  { cookie: 'pike_session=%00' },
  { cookie: `pike_session=${'x'.repeat(4_000)}` },
  { accept: '\u00ff' },
  { expect: 'something' },
  { 'if-none-match': '*' },
  { range: 'bytes=9-1' },
  { 'x-forwarded-for': '8.8.8.8' },
];
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'TRACE', 'PROPFIND'];
const TEXTS = [
  '',
  '{',
  '[]',
  'null',
  '1',
  '"x"',
  '{"a":',
  '\u0000',
  '{"version":1e999}',
  '[[[[[[',
  `${'['.repeat(20_000)}`,
  `{"a":"${'x'.repeat(70_000)}"}`,
];

/** One bad request. */
function badRequest({ bodies, paths, archive }, cookie, chance) {
  const json = { 'content-type': 'application/json', cookie };
  const dice = chance.next();
  if (dice < 0.7) {
    const { method, path, body } = chance.oneOf(bodies);
    let worse = body;
    for (let times = 1 + chance.below(3); times > 0; times -= 1) worse = spoiled(worse, chance);
    return { method, path, headers: json, body: JSON.stringify(worse) };
  }
  const path = chance
    .oneOf(paths)
    .replace(/\{\w+\}/, () =>
      encodeURIComponent(
        chance.oneOf(['x', '%00', '\u0000', '1', '0192f000-0001-7000-8000-000000000001', 'caliper', '../x']),
      ),
    );
  if (path.endsWith('/stream')) return { path: '/api/instruments/none/stream', headers: json };
  if (dice < 0.78) return { path: `${path}?${chance.oneOf(QUERIES)}`, headers: json };
  if (dice < 0.84)
    return {
      method: 'POST',
      path,
      headers: { ...json, ...chance.oneOf(HEADERS) },
      body: chance.oneOf(TEXTS),
    };
  if (dice < 0.86) {
    const spoiledArchive = Buffer.from(archive);
    for (let times = chance.below(4); times >= 0; times -= 1)
      spoiledArchive[chance.below(archive.length)] = chance.below(256);
    return {
      method: 'POST',
      path: '/api/archive?take=none',
      headers: { cookie, 'content-type': 'application/zip' },
      body: spoiledArchive.subarray(0, chance.next() < 0.2 ? chance.below(archive.length) : undefined),
    };
  }
  if (dice < 0.9) return { method: 'PUT', path, headers: json, body: chance.oneOf(TEXTS) };
  if (dice < 0.95) return { method: chance.oneOf(METHODS), path, headers: json };
  return { path: chance.oneOf(PATHS), headers: { cookie, accept: chance.oneOf(['*/*', 'text/html', 'x']) } };
}

export async function badInput(stage, { requests, seed = 11 }) {
  const chance = chanceOf(seed);
  const good = await goodBodies(stage);
  const statuses = {};
  const faults = [];
  const pieces = [];
  let left = requests;
  let broken = 0;
  await stage.measured();
  const one = async () => {
    while (left > 0) {
      left -= 1;
      if (left % TIMED_EVERY === 0) pieces.push(piece());
      const bad = badRequest(good, stage.cookie, chance);
      const answer = await stage.ask(bad);
      if (answer === null) {
        broken += 1;
        continue;
      }
      statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
      if (answer.status >= 500)
        faults.push(`${answer.status} ${bad.method ?? 'GET'} ${bad.path} ${(bad.body ?? '').slice(0, 300)}`);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, one));
  const { heldMs, rssMb } = await stage.measured();
  const held = heldMs / mostOf(pieces);
  const health = await stage.ask({ path: '/api/health' });
  const ofUs = faults.length;
  for (const fault of new Set(faults.slice(0, 20))) console.log(`    ${fault}`);
  return {
    what: 'Bad input on every route and topic',
    tried: `${requests} requests`,
    found: `${ofUs} answered 5xx; answers ${Object.entries(statuses)
      .map(([status, count]) => `${status}: ${count}`)
      .join(
        ', ',
      )}; ${broken} without an answer (the connection was closed on a request that is none); the event loop was held ${heldMs} ms at most, as long as ${Math.round(held)} pieces of work; ${rssMb} MB`,
    sound: ofUs === 0 && held <= MOST_HELD_PIECES && health?.status === 200,
  };
}
