import * as z from 'zod';
import { CALC_INPUTS, CALC_TOPICS, calcAnswer, calcList } from './calc';
import { INSTRUMENT_KINDS, instrumentEvent, instrumentList } from './instrument';
import { problem } from './problem';
import { KINDS, listOf, sessionAnswer, storedOf, writeOf, type Kind } from './records';

const WORDS: Readonly<Record<Kind, string>> = {
  machines: 'machine',
  metals: 'metal of the shop',
  stock: 'piece of stock',
  tools: 'tool',
  cuts: 'cut in the book',
  rules: 'shop rules',
};

const json = (schema: z.ZodType) => ({
  'application/json': { schema: z.toJSONSchema(schema, { unrepresentable: 'any', io: 'input' }) },
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

function pathsOf(kind: Kind): Record<string, unknown> {
  const word = WORDS[kind];
  return {
    [`/api/${kind}`]: {
      get: {
        summary: `Every ${word} of the shop`,
        responses: {
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
          summary: 'The shop this visitor is in',
          responses: {
            200: { description: 'The shop; sets the session cookie', content: json(sessionAnswer) },
          },
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
      ...Object.fromEntries(
        CALC_TOPICS.map((topic) => [
          `/api/calc/${topic}`,
          {
            post: {
              summary:
                topic === 'cut-plan'
                  ? 'A whole cut: plan, what it will do, and what is to be said of it'
                  : `Calculates ${topic.replaceAll('-', ' ')}; the unit of each figure is in its key`,
              requestBody: { required: true, content: json(CALC_INPUTS[topic]) },
              responses: {
                200: { description: 'The result', content: json(calcAnswer) },
                400: fault('Something does not fit; see fields, or the sentence'),
                413: fault('Too large'),
              },
            },
          },
        ]),
      ),
      ...Object.assign({}, ...KINDS.map(pathsOf)),
    },
    components: { schemas: { Problem: z.toJSONSchema(problem) } },
  };
}
