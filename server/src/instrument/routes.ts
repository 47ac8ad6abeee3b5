import { INSTRUMENTS, type InstrumentKind } from '@pike-stone/contract';
import { Router } from 'express';
import * as z from 'zod';
import { HttpProblem } from '../http/problem';
import type { Instrument } from './instrument';

const near = z.coerce.number().min(0.01).max(30_000);
const RETRY_MS = 1_000;
const MOST_UNREAD = 64_000;

/** Routes of the instruments at this computer: their list, and a stream of server-sent events for each. */
export function instrumentRoutes(instruments: ReadonlyMap<InstrumentKind, Instrument>): Router {
  const router = Router();
  router.get(
    '/',
    (_request, response) =>
      void response.json({
        instruments: [...instruments.keys()].map((kind) => ({ kind, name: INSTRUMENTS[kind].name })),
      }),
  );
  router.get('/:kind/stream', (request, response) => {
    const instrument = [...instruments].find(([kind]) => kind === request.params.kind)?.[1];
    if (!instrument)
      throw new HttpProblem(
        404,
        'No such instrument',
        'No instrument of this kind is connected to the shop’s computer.',
      );
    const asked = near.safeParse(request.query.near);
    response.set({ 'Content-Type': 'text/event-stream', 'X-Accel-Buffering': 'no' }).flushHeaders();
    response.write(`retry: ${RETRY_MS}\n\n`);
    const leave = instrument.listen({
      // A page that reads too slowly misses readings instead of filling the server's memory.
      event: (event) =>
        void (response.writableLength < MOST_UNREAD && response.write(`data: ${JSON.stringify(event)}\n\n`)),
      ended: () => response.end(),
    });
    if (asked.success) instrument.pretend(asked.data);
    response.on('close', leave);
  });
  return router;
}
