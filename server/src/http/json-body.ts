import type { IncomingMessage } from 'node:http';
import express, { type RequestHandler } from 'express';
import { HttpProblem } from './problem';

const BODY_LIMIT = '64kb';

/** Requests whose body has escaped characters: only so can a text hold one that cannot be kept. */
const escaped = new WeakSet<IncomingMessage>();

/** Text that no database keeps: a zero character, or half of a surrogate pair. */
const unkeepable = (text: string): boolean => /[\0\p{Surrogate}]/u.test(text);

/** Path of the first text that cannot be kept, or null. */
export function unkeepableIn(value: unknown, path: readonly string[] = []): readonly string[] | null {
  if (typeof value === 'string') return unkeepable(value) ? path : null;
  if (value === null || typeof value !== 'object') return null;
  for (const [key, inner] of Object.entries(value)) {
    if (unkeepable(key)) return path;
    const found = unkeepableIn(inner, [...path, key]);
    if (found) return found;
  }
  return null;
}

/** Reads JSON bodies, and refuses those with a text that cannot be kept. */
export const jsonBody: RequestHandler[] = [
  express.json({
    limit: BODY_LIMIT,
    strict: true,
    verify: (request, _response, body) => void (body.includes('\\u') && escaped.add(request)),
  }),
  (request, _response, next) => {
    const path = escaped.has(request) ? unkeepableIn(request.body) : null;
    if (path) {
      const fields = [{ path: path.join('.'), message: 'It holds a character that cannot be kept.' }];
      throw new HttpProblem(400, 'Something does not fit', 'A text holds a character that cannot be kept.', {
        fields,
      });
    }
    next();
  },
];

/** Refuses a request without a JSON body: one of another kind was not read by `jsonBody`. */
export const jsonOnly: RequestHandler = (request, _response, next) => {
  if (request.body === undefined)
    throw new HttpProblem(415, 'Not readable', 'Send JSON with Content-Type: application/json.');
  next();
};
