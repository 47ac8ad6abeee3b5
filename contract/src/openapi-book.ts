import * as z from 'zod';
import { bookFilter, bookQuery, bookSums, settingRecords } from './book';
import { learnedAnswer } from './learned';
import { listOf } from './record/list';

const json = (schema: z.ZodType) => ({
  'application/json': { schema: z.toJSONSchema(schema, { unrepresentable: 'any', io: 'output' }) },
});
const parameters = (schema: z.ZodObject) =>
  Object.entries(schema.shape).map(([name, one]) => ({
    name,
    in: 'query',
    schema: z.toJSONSchema(one as z.ZodType, { unrepresentable: 'any', io: 'input' }),
  }));
const path = (summary: string, query: z.ZodObject, description: string, content: object) => ({
  get: {
    summary,
    parameters: parameters(query),
    responses: {
      200: { description, content },
      400: { description: 'A filter that is none; see fields' },
      401: { description: 'No session' },
    },
  },
});

/** The book as a tool, and what the shop has learned, as the description of the server tells them. */
export const bookPaths = () => ({
  '/api/book': path(
    'Cuts that fit a filter, the newest first, paged',
    bookQuery,
    'A page of them',
    json(listOf('cuts')),
  ),
  '/api/book/sums': path(
    'What the charts are drawn from',
    bookFilter,
    'Cuts by month and tool, and what they said of speed and feed',
    json(bookSums),
  ),
  '/api/book/settings': path(
    'How often each setting was taken, and when last',
    bookFilter,
    'The settings, the most often first',
    json(settingRecords),
  ),
  '/api/book/cuts.csv': path('Cuts that fit a filter as a table', bookFilter, 'CSV with a heading row', {
    'text/csv': { schema: { type: 'string' } },
  }),
  '/api/book/cuts.json': path(
    'Cuts that fit a filter as a file',
    bookFilter,
    'All of them',
    json(z.array(listOf('cuts').shape.records.element)),
  ),
  '/api/learned': {
    get: {
      summary: 'The shop’s own factors on speed and feed, by machine, metal and tool material',
      responses: {
        200: { description: 'Each with its band and the cuts behind it', content: json(learnedAnswer) },
        401: { description: 'No session' },
      },
    },
  },
});
