import * as z from 'zod';
import { ARCHIVE, TABLE_KINDS, takeInAnswer, TAKES } from './archive';
import { calcAnswer, calcList } from './calc/answer';
import { wholeCut, wholeCutAnswer } from './calc/cut-plan';
import { TOPIC_NAMES, topicCalled } from './calc/topics';
import { INSTRUMENT_KINDS, instrumentEvent, instrumentList } from './instrument';
import { problem } from './problem';
import { isFound, isNamed, listOf, PAGE } from './record/list';
import { bookPaths } from './openapi-book';
import { factsOf, KINDS, storedOf, writeOf, type Kind } from './record/registry';
import { backupAnswer, deviceList, entry, pairingAnswer, sessionAnswer } from './session';

const json = (schema: z.ZodType, io: 'input' | 'output' = 'input') => ({
  'application/json': { schema: z.toJSONSchema(schema, { unrepresentable: 'any', io }) },
});
const fault = (description: string) => ({
  description,
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
});
const idParameter = {
  name: 'id',
  in: 'path',
  required: true,
  schema: { type: 'string', format: 'uuid' },
  description: 'UUID version 7, made by the client',
};

const archiveFile = { [ARCHIVE.mediaType]: { schema: { type: 'string', format: 'binary' } } };

const query = (name: string, schema: object, description: string) => ({
  name,
  in: 'query',
  schema,
  description,
});
const pageParameters = (kind: Kind) => [
  query('after', { type: 'string' }, 'Continues after this place: `next` of the page before'),
  query(
    'limit',
    { type: 'integer', minimum: 1, maximum: PAGE.most, default: PAGE.usual },
    'Records of one page',
  ),
  query('archived', { type: 'string', enum: ['0', '1'] }, 'Only those in use, or only those put away'),
  ...(isFound(kind)
    ? [query('q', { type: 'string' }, 'Words that a record must have, each at least by its beginning')]
    : []),
  ...(isNamed(kind)
    ? [
        query('order', { type: 'string', enum: ['newest', 'name'], default: 'newest' }, 'Order of the list'),
        query('kinds', { type: 'string' }, 'Kinds of a thing, with commas between them'),
        query('dull', { type: 'string', enum: ['1'] }, 'Only those that are dull'),
      ]
    : []),
];

function pathsOf(kind: Kind): Record<string, unknown> {
  const word = factsOf(kind).one;
  return {
    [`/api/${kind}`]: {
      get: {
        summary: `Every ${word} of the shop, newest first, a page at a time`,
        parameters: pageParameters(kind),
        responses: {
          400: fault('No such page'),
          200: { description: 'The list', content: json(listOf(kind)) },
          401: fault('No session'),
        },
      },
    },
    [`/api/${kind}/{id}`]: {
      parameters: [idParameter],
      get: {
        summary: `One ${word}`,
        responses: {
          200: { description: 'The record', content: json(storedOf(kind)) },
          404: fault('Not in this shop'),
        },
      },
      put: {
        summary: `Add or change one ${word}; may be repeated`,
        requestBody: { required: true, content: json(writeOf(kind)) },
        responses: {
          200: { description: 'The record as it now stands', content: json(storedOf(kind)) },
          400: fault('Something does not fit; see fields'),
          409: fault('Written from an older version; see current'),
          413: fault('Too large'),
          415: fault('Not JSON'),
        },
      },
    },
  };
}

/** The path of one calculation. */
const calcPath = (name: string, summary: string, input: z.ZodType, output: z.ZodType) => ({
  [`/api/calc/${name}`]: {
    post: {
      summary,
      requestBody: { required: true, content: json(input) },
      responses: {
        200: { description: 'The result', content: json(calcAnswer.extend({ result: output }), 'output') },
        400: fault('Something does not fit; see fields, or the sentence'),
        413: fault('Too large'),
      },
    },
  },
});

/** The OpenAPI 3.1 description of the server, made from the schemas it checks with. */
export function openApi(version: string) {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Pike Stone',
      version,
      license: { name: 'MIT' },
      description:
        'Machines, stock, tools and cuts of one shop; a session cookie names the shop. The calculations under /api/calc need no session and keep nothing.',
    },
    paths: {
      '/api/health': {
        get: {
          summary: 'Whether the server and its database answer',
          responses: { 200: { description: 'Both answer' }, 503: { description: 'The database does not' } },
        },
      },
      '/api/session': {
        get: {
          summary: 'Whether this device is in a shop, and what it needs to come in',
          responses: { 200: { description: 'The shop or null', content: json(sessionAnswer) } },
        },
        post: {
          summary: 'Asks to come in; sets the session cookie',
          requestBody: { required: true, content: json(entry) },
          responses: {
            200: { description: 'The shop', content: json(sessionAnswer) },
            400: fault('Something does not fit; see fields'),
            403: fault('Not the code'),
            429: fault('Too many wrong codes'),
          },
        },
      },
      '/api/backups': {
        get: {
          summary: 'When the last good backup was made',
          responses: {
            200: { description: 'Its time and age', content: json(backupAnswer) },
            401: fault('No session'),
          },
        },
      },
      '/api/archive': {
        get: {
          summary: 'The whole shop as one file',
          responses: {
            200: { description: 'A zip file of JSON lines and pictures', content: archiveFile },
            401: fault('No session'),
            429: fault('Two are being made already'),
          },
        },
        post: {
          summary: 'Looks at such a file, or takes it in',
          parameters: [
            query(
              'take',
              { type: 'string', enum: TAKES, default: 'none' },
              'Nothing, the records that the shop does not have, or also those that differ',
            ),
            query('state', { type: 'string' }, 'With take=all: `state` of the answer when it was looked at'),
          ],
          requestBody: { required: true, content: archiveFile },
          responses: {
            200: { description: 'What it holds beside what the shop has', content: json(takeInAnswer) },
            400: fault('No archive of a shop'),
            409: fault('The shop has changed since the file was looked at'),
            413: fault('Too large'),
            415: fault('Not a zip file'),
            507: fault('Disk full'),
          },
        },
      },
      '/api/archive/{table}': {
        get: {
          summary: 'The records of one kind as a table',
          parameters: [
            {
              name: 'table',
              in: 'path',
              required: true,
              schema: { type: 'string', enum: TABLE_KINDS.map((kind) => `${kind}.csv`) },
            },
          ],
          responses: {
            200: {
              description: 'CSV with a heading row',
              content: { 'text/csv': { schema: { type: 'string' } } },
            },
            404: fault('No such table'),
          },
        },
      },
      '/api/devices': {
        get: {
          summary: 'The devices that are in, last used first',
          responses: {
            200: { description: 'The list', content: json(deviceList) },
            401: fault('No session'),
          },
        },
      },
      '/api/devices/code': {
        get: {
          summary: 'The code by which the next device may come in',
          responses: {
            200: { description: 'Six digits, or null where none is needed', content: json(pairingAnswer) },
            401: fault('No session'),
          },
        },
      },
      '/api/devices/{id}': {
        parameters: [{ ...idParameter, description: 'Id of a device in the list' }],
        delete: {
          summary: 'Sends a device away at once',
          responses: { 204: { description: 'It is out' }, 404: fault('Not in this shop') },
        },
      },
      '/api/instruments': {
        get: {
          summary: 'The instruments connected to the shop’s computer',
          responses: {
            200: { description: 'The list', content: json(instrumentList) },
            401: fault('No session'),
          },
        },
      },
      '/api/instruments/{kind}/stream': {
        parameters: [
          { name: 'kind', in: 'path', required: true, schema: { type: 'string', enum: INSTRUMENT_KINDS } },
        ],
        get: {
          summary: 'What an instrument reads, as server-sent events',
          parameters: [
            {
              name: 'near',
              in: 'query',
              schema: { type: 'number', minimum: 0.01, maximum: 30_000 },
              description:
                'What a simulated instrument should pretend to be held to; a real one is told nothing',
            },
          ],
          responses: {
            200: {
              description: 'One event after the other until the stream is closed',
              content: { 'text/event-stream': { schema: json(instrumentEvent)['application/json'].schema } },
            },
            401: fault('No session'),
            404: fault('Not connected'),
          },
        },
      },
      '/api/calc': {
        get: {
          summary: 'The topics that can be calculated',
          responses: { 200: { description: 'Their names', content: json(calcList) } },
        },
      },
      ...calcPath(
        'cut-plan',
        'A whole cut: plan, what it will do, and what is to be said of it',
        wholeCut,
        wholeCutAnswer,
      ),
      ...Object.assign(
        {},
        ...TOPIC_NAMES.map((name) => {
          const { input, output } = topicCalled(name);
          const summary = `Calculates ${name.replaceAll('-', ' ')}; the unit of each figure is in its key`;
          return calcPath(name, summary, input, output);
        }),
      ),
      ...bookPaths(),
      ...Object.assign({}, ...KINDS.map(pathsOf)),
    },
    components: { schemas: { Problem: z.toJSONSchema(problem) } },
  };
}
