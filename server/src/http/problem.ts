import { fieldsOf, type Problem } from '@pike-stone/contract';
import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import pg from 'pg';
import type { Logger } from 'pino';
import type { ZodError } from 'zod';
import { DatabaseAway, DatabaseBusy, DiskFull } from '../db/database-faults';

interface More extends Pick<Problem, 'fields' | 'current'> {
  /** Seconds after which the same request is worth sending again. */
  readonly retryAfterS?: number;
}

/** An error that is answered to the client as problem details. */
export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly more: More = {},
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
  const { retryAfterS, ...parts } = more;
  const body: Problem = {
    type: 'about:blank',
    title,
    status,
    detail: message,
    ...parts,
    requestId: response.locals.requestId,
  };
  if (retryAfterS !== undefined) response.setHeader('Retry-After', retryAfterS);
  response.status(status).type('application/problem+json').send(JSON.stringify(body));
}

export const noSuchRoute: RequestHandler = (request, response) =>
  sendProblem(
    response,
    new HttpProblem(404, 'No such address', `${request.method} ${request.path} is not part of this server.`),
  );

/** Faults of the body parser by the type it gives them; others of its faults have a status alone. */
const BODY_FAULTS: Readonly<Record<string, readonly [status: number, title: string, detail: string]>> = {
  'entity.parse.failed': [400, 'Not readable', 'The body is not well-formed JSON.'],
  'entity.too.large': [413, 'Too large', 'The body is larger than a record may be (64 kB).'],
  'charset.unsupported': [415, 'Not readable', 'Send plain UTF-8 JSON.'],
  'encoding.unsupported': [415, 'Not readable', 'Send plain UTF-8 JSON.'],
  'request.aborted': [400, 'Not readable', 'The body ended before its announced length.'],
};

function ofDatabase(error: unknown): HttpProblem | null {
  if (error instanceof DatabaseAway)
    return new HttpProblem(
      503,
      'Database not reachable',
      'What you typed is safe in the page. It is sent again by itself and never written twice.',
      { retryAfterS: error.retryAfterS },
    );
  if (error instanceof DatabaseBusy)
    return new HttpProblem(
      503,
      'Busy',
      'The shop’s computer is busy. What you typed is safe in the page and is sent again by itself.',
      { retryAfterS: 1 },
    );
  if (error instanceof DiskFull)
    return new HttpProblem(
      507,
      'Disk full',
      'The disk of the shop’s computer is full, so nothing more can be written. What you typed is safe in the page and is sent again by itself. Make room there; everything can still be read.',
      { retryAfterS: 30 },
    );
  if (!(error instanceof pg.DatabaseError)) return null;
  if (error.code === '23503')
    return new HttpProblem(
      400,
      'Something does not fit',
      'The machine, stock, tool, metal or box it names is not in this shop.',
    );
  // A value that the database cannot keep, or that a check of a table refuses.
  return /^(22|23)/.test(error.code ?? '')
    ? new HttpProblem(400, 'Something does not fit', 'The database cannot keep one of these values.')
    : null;
}

function asProblem(error: unknown): HttpProblem | null {
  if (error instanceof HttpProblem) return error;
  if (error instanceof URIError)
    return new HttpProblem(400, 'Not readable', 'The address is not well-formed.');
  const { type, status } = error as { readonly type?: unknown; readonly status?: unknown };
  const known = typeof type === 'string' ? BODY_FAULTS[type] : undefined;
  if (known) return new HttpProblem(...known);
  if (status === 404) return new HttpProblem(404, 'No such file', 'There is no file with this address.');
  // Faults of a request that Express and its parsers name by their status.
  if (typeof status === 'number' && status >= 400 && status < 500)
    return new HttpProblem(status, 'Not readable', 'The request could not be read.');
  return ofDatabase(error);
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
