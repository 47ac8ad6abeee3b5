import { extname, join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { pathToFileURL } from 'node:url';
import { factsOf, FIRST_KINDS, FIRST_PAGE_PROGRAM, listQuery, PAGE } from '@pike-stone/contract';
import type { Request } from 'express';
import { Piscina } from 'piscina';
import type { Logger } from 'pino';
import type { LearnedOfShops } from '../book/learned';
import type { Records } from '../record/repository';
import { shopOfVisitor, type Door } from '../session/routes';
import type { Drawing } from './draw-worker';

const { dirname, filename } = import.meta;

/** Of the cuts, so many are read. */
const LAST_CUTS = 20;
/** A page goes without it rather than wait longer for the database or the thread, ms. */
const PATIENCE_MS = 1_500;
/** So many may wait for the thread, which ends when nobody has come for a while. */
const THREAD = { mostWaiting: 8, idleMs: 60_000 };

/**
 * Draws the first page of a visitor's shop, so that a phone on a slow line shows it before the application is
 * there. It is drawn in a thread of its own, so that no other request waits for it.
 */
export class FirstPage {
  readonly #thread = new Piscina({
    // Beside this module among the sources; in the bundle in the same folder as the server.
    filename: pathToFileURL(join(dirname, `draw-worker${extname(filename)}`)).href,
    minThreads: 0,
    maxThreads: 1,
    maxQueue: THREAD.mostWaiting,
    idleTimeout: THREAD.idleMs,
  });

  constructor(
    private readonly webRoot: string,
    private readonly log: Logger,
  ) {}

  /** The element that brings the page; null for a visitor who is in no shop, and when it cannot be drawn now. */
  async elementFor(
    request: Request,
    door: Door,
    records: Records,
    learned: LearnedOfShops,
  ): Promise<string | null> {
    const late = AbortSignal.timeout(PATIENCE_MS);
    const drawn = this.#drawn(request, door, records, learned, late).catch((fault: unknown) => {
      this.log.warn({ err: fault }, 'the first page was not drawn');
      return null;
    });
    return Promise.race([drawn, wait(PATIENCE_MS, null)]);
  }

  async #drawn(
    request: Request,
    door: Door,
    records: Records,
    learned: LearnedOfShops,
    late: AbortSignal,
  ): Promise<string | null> {
    const shop = await shopOfVisitor(door, request);
    if (!shop) return null;
    const lists = await Promise.all(
      FIRST_KINDS.map((kind) => {
        const limit = factsOf(kind).many ? LAST_CUTS : PAGE.most;
        return records.list(shop.id, kind, listQuery.parse({ limit }));
      }),
    );
    const drawing: Drawing = {
      program: join(this.webRoot, FIRST_PAGE_PROGRAM),
      shop: shop.name,
      lists,
      learned: await learned.textOf(shop.id),
    };
    return this.#thread.run(drawing, { signal: late }) as Promise<string | null>;
  }

  end(): Promise<void> {
    return this.#thread.destroy();
  }
}
