import { createRequire } from 'node:module';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import {
  factsOf,
  FIRST_KINDS,
  FIRST_PAGE_PROGRAM,
  listQuery,
  PAGE,
  PICTURE_ELEMENT,
  readList,
  type DrawFirstPage,
  type FirstRecords,
} from '@pike-stone/contract';
import type { Request } from 'express';
import type { Logger } from 'pino';
import type { Records } from '../record/repository';
import { shopOfVisitor, type Door } from '../session/routes';

/** Of the cuts, so many are read. */
const LAST_CUTS = 20;
/** A page goes without it rather than wait longer for the database, ms. */
const PATIENCE_MS = 1_500;

interface Sources {
  readonly webRoot: string;
  readonly door: Door;
  readonly records: Records;
  readonly log: Logger;
}

/**
 * Draws the first page of a visitor's shop, so that a phone on a slow line shows it before the application is
 * there. Gives the element that brings it; null for a visitor who is in no shop, and when it cannot be drawn now.
 */
export function firstPage({ webRoot, door, records, log }: Sources) {
  const listOf = async (shopId: string, kind: (typeof FIRST_KINDS)[number]) => {
    const limit = factsOf(kind).many ? LAST_CUTS : PAGE.most;
    return readList(kind).parse(JSON.parse(await records.list(shopId, kind, listQuery.parse({ limit }))));
  };
  let known: DrawFirstPage | null = null;
  /** It comes with the application, and is read when the first visitor asks for it. */
  const drawing = (): DrawFirstPage => {
    const load = createRequire(import.meta.url);
    known ??= (load(join(webRoot, FIRST_PAGE_PROGRAM)) as { readonly drawFirstPage: DrawFirstPage })
      .drawFirstPage;
    return known;
  };
  const element = async (request: Request, draw: DrawFirstPage): Promise<string | null> => {
    const shop = await shopOfVisitor(door, request);
    if (!shop) return null;
    const lists = await Promise.all(
      FIRST_KINDS.map(async (kind) => [kind, await listOf(shop.id, kind)] as const),
    );
    // The first set-up is chosen out of all that a shop has; of the cuts only the last are shown.
    if (lists.some(([kind, { next }]) => next !== null && !factsOf(kind).many)) return null;
    const of = Object.fromEntries(lists.map(([kind, list]) => [kind, list.records]));
    const picture = draw(shop.name, of as unknown as FirstRecords);
    // In a script element only what looks like a tag could end it.
    const text = JSON.stringify(picture).replaceAll('<', '\\u003c');
    return `<script type="application/json" id="${PICTURE_ELEMENT}">${text}</script>`;
  };
  return async (request: Request): Promise<string | null> => {
    try {
      const drawn = element(request, drawing());
      return await Promise.race([drawn, wait(PATIENCE_MS, null)]);
    } catch (fault) {
      log.warn({ err: fault }, 'the first page was not drawn');
      return null;
    }
  };
}
