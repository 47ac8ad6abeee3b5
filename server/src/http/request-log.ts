import { randomUUID } from 'node:crypto';
import type { RequestHandler } from 'express';
import type { Logger } from 'pino';

/** Gives every request an id, sends it back in a header, and logs requests of the API with status and time. */
export function requestLog(log: Logger): RequestHandler {
  return (request, response, next) => {
    const id = randomUUID();
    response.locals.requestId = id;
    response.setHeader('X-Request-Id', id);
    if (request.url.startsWith('/api/') && log.isLevelEnabled('info')) {
      const began = performance.now();
      const { method, url } = request;
      response.on('close', () =>
        log.info(
          {
            requestId: id,
            method,
            url,
            status: response.statusCode,
            finished: response.writableFinished,
            ms: Math.round(performance.now() - began),
          },
          'request',
        ),
      );
    }
    next();
  };
}
