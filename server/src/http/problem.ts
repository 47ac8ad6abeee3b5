import { fieldsOf, type Problem } from '@pike-stone/contract';
import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import pg from 'pg';
import type { Logger } from 'pino';
import type { ZodError } from 'zod';
import { DatabaseAway } from '../db/shop-pool';

/** An error that is answered to the client as problem details. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly more: Pick<Problem, 'fields' | 'current'> = {},
  ) {
    super(detail);
  }
}

export const notFound = () =>
  new HttpProblem(404, 'Not in this shop', 'Nothing with this address belongs to your shop.');
export const invalid = (error: ZodError) =>
  new HttpProblem(400, 'Something does not fit', 'Look at the fields named here; nothing was written.', {
    fields: fieldsOf(error),
  });

function sendProblem(response: Response, { status, title, message, more }: HttpProblem): void {
  const body: Problem = {
    type: 'about:blank',
    title,
    status,
    detail: message,
    ...more,
    requestId: response.locals.requestId,
  };
  response.status(status).type('application/problem+json').send(JSON.stringify(body));
}

export const noSuchRoute: RequestHandler = (request, response) =>
  sendProblem(
    response,
    new HttpProblem(404, 'No such address', `${request.method} ${request.path} is not part of this server.`),
  );

const FOREIGN_KEY_VIOLATION = '23503';

function asProblem(error: unknown): HttpProblem | null {
  if (error instanceof HttpProblem) return error;
  const type = (error as { type?: unknown }).type;
  if (type === 'entity.parse.failed')
    return new HttpProblem(400, 'Not readable', 'The body is not well-formed JSON.');
  if (type === 'entity.too.large')
    return new HttpProblem(413, 'Too large', 'The body is larger than a record may be (64 kB).');
  if (type === 'charset.unsupported' || type === 'encoding.unsupported')
    return new HttpProblem(415, 'Not readable', 'Send plain UTF-8 JSON.');
  if (error instanceof URIError)
    return new HttpProblem(400, 'Not readable', 'The address is not well-formed.');
  if (error instanceof DatabaseAway)
    return new HttpProblem(
      503,
      'Database not reachable',
      'What you typed is safe in the page. It is sent again by itself and never written twice.',
    );
  if (error instanceof pg.DatabaseError && error.code === FOREIGN_KEY_VIOLATION)
    return new HttpProblem(
      400,
      'Something does not fit',
      'The machine, stock, tool, metal or box it names is not in this shop.',
    );
  return null;
}

export const onError =
  (log: Logger): ErrorRequestHandler =>
  (error, _request, response, next) => {
    if (response.headersSent) return next(error);
    const known = asProblem(error);
    if (!known || known.status >= 500)
      log.error({ err: error, requestId: response.locals.requestId }, 'request failed');
    sendProblem(
      response,
      known ?? new HttpProblem(500, 'Our fault', 'Something went wrong on the server. Nothing was written.'),
    );
  };
