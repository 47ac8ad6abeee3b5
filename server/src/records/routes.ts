import { KINDS, writeOf, type Kind } from '@pike-stone/contract';
import compression from 'compression';
import { Router, type RequestHandler } from 'express';
import * as z from 'zod';
import { HttpProblem, invalid, notFound } from '../http/problem';
import type { Records } from './repository';

const anId = z.uuidv7();

/** The rules of a shop stand under the shop's own id; everything else under its own. */
function idOf(kind: Kind, given: unknown, shopId: string): string {
  const id = anId.safeParse(given);
  if (!id.success || (kind === 'rules' && id.data !== shopId)) throw notFound();
  return id.data;
}

const jsonOnly: RequestHandler = (request, _response, next) => {
  if (!request.is('application/json'))
    throw new HttpProblem(415, 'Not readable', 'Send JSON with Content-Type: application/json.');
  next();
};

function routesOf<K extends Kind>(kind: K, records: Records): Router {
  const router = Router();
  const schema = writeOf(kind);
  // A whole list is worth packing, a single record is not.
  router.get('/', compression(), async (_request, response) => {
    response.type('json').send(await records.list(response.locals.shopId, kind));
  });
  router.get('/:id', async (request, response) => {
    const { shopId } = response.locals;
    const record = await records.find(shopId, kind, idOf(kind, request.params.id, shopId));
    if (!record) throw notFound();
    response.json(record);
  });
  router.put('/:id', jsonOnly, async (request, response) => {
    const { shopId } = response.locals;
    const id = idOf(kind, request.params.id, shopId);
    const read = schema.safeParse(request.body);
    if (!read.success) throw invalid(read.error);
    const result = await records.write(shopId, kind, id, read.data as never);
    if (result.outcome === 'gone') throw notFound();
    if (result.outcome === 'stale') {
      throw new HttpProblem(
        409,
        'Changed meanwhile',
        'Someone changed this after you opened it. Both are kept: compare, then choose.',
        { current: result.record },
      );
    }
    response.json(result.record);
  });
  return router;
}

/** The addresses of every kind of record. */
export function recordRoutes(records: Records): Router {
  const router = Router();
  for (const kind of KINDS) router.use(`/${kind}`, routesOf(kind, records));
  return router;
}
