import {
  factsOf,
  id as anId,
  isKind,
  listQuery,
  upgraded,
  writeOf,
  type Kind,
  type Write,
} from '@pike-stone/contract';
import compression from 'compression';
import { Router } from 'express';
import { sendRevalidated } from '../http/revalidated';
import { jsonOnly } from '../http/json-body';
import { HttpProblem, invalid, notFound } from '../http/problem';
import { readQuery } from '../http/read-query';
import { furtherFault } from './further-fault';
import type { Records } from './repository';

/** Id of a record: a kind of which each shop has one takes the shop's id. */
function idOf(kind: Kind, given: unknown, shopId: string): string {
  const id = anId.safeParse(given);
  if (!id.success || (factsOf(kind).single && id.data !== shopId)) throw notFound();
  return id.data;
}

/** Checks a write, after bringing its body into today's shape. */
function readWrite<K extends Kind>(kind: K, sent: unknown): Write<K> {
  const body = (sent as { readonly body?: unknown } | null)?.body;
  const read = writeOf(kind).safeParse(
    body === undefined ? sent : { ...(sent as object), body: upgraded(kind, body) },
  );
  if (!read.success) throw invalid(read.error);
  if (factsOf(kind).addedOnly && (read.data.version !== 0 || read.data.archived))
    throw new HttpProblem(
      400,
      'Only added to',
      'An entry of the ledger stays as it was written; a mistake is put right by another entry.',
    );
  const fault = furtherFault(kind, read.data.body);
  if (fault)
    throw new HttpProblem(400, 'Something does not fit', fault.message, {
      fields: [{ path: `body.${fault.path}`, message: fault.message }],
    });
  return read.data as Write<K>;
}

/** Routes of every kind of record: one set, because each router that a request passes by costs it time. */
export function recordRoutes(records: Records): Router {
  const router = Router();
  router.param('kind', (_request, _response, next, name: string) =>
    next(isKind(name) ? undefined : 'router'),
  );
  // Lists are compressed, quickly rather than well; a single record is too small to gain from it.
  router.get('/:kind', compression({ level: 1 }), async (request, response) => {
    const query = readQuery(listQuery, request);
    const { kind } = request.params as { kind: Kind };
    sendRevalidated(request, response, await records.list(response.locals.shopId, kind, query));
  });
  router.get('/:kind/:id', async (request, response) => {
    const { shopId } = response.locals;
    const { kind, id } = request.params as { kind: Kind; id: string };
    const record = await records.find(shopId, kind, idOf(kind, id, shopId));
    if (!record) throw notFound();
    sendRevalidated(request, response, JSON.stringify(record));
  });
  router.put('/:kind/:id', jsonOnly, async (request, response) => {
    const { shopId } = response.locals;
    const { kind, id } = request.params as { kind: Kind; id: string };
    const result = await records.write(shopId, kind, idOf(kind, id, shopId), readWrite(kind, request.body));
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
