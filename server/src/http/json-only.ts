import type { RequestHandler } from 'express';
import { HttpProblem } from './problem';

/** Refuses a body that does not say it is JSON. */
export const jsonOnly: RequestHandler = (request, _response, next) => {
  if (!request.is('application/json'))
    throw new HttpProblem(415, 'Not readable', 'Send JSON with Content-Type: application/json.');
  next();
};
