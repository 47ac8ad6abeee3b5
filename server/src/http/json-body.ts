import type { IncomingMessage } from 'node:http';
import express, { type RequestHandler } from 'express';
import { unkeepableIn } from '../db/unkeepable';
import { HttpProblem } from './problem';

const BODY_LIMIT = '64kb';

/** Requests whose body has escaped characters: only so can a text hold one that cannot be kept. */
const escaped = new WeakSet<IncomingMessage>();

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
