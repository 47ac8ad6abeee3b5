import { createRequire } from 'node:module';
import {
  factsOf,
  FIRST_KINDS,
  learnedAnswer,
  PICTURE_ELEMENT,
  readList,
  type DrawFirstPage,
  type FirstRecords,
} from '@pike-stone/contract';

type Kind = (typeof FIRST_KINDS)[number];

/** What a first page is drawn from. */
export interface Drawing {
  /** The program that draws it. */
  readonly program: string;
  readonly shop: string;
  /** Lists of records as JSON, in the order of `FIRST_KINDS`. */
  readonly lists: readonly string[];
  /** The shop's own factors as JSON. */
  readonly learned: string;
}

/** It comes with the application, and is read when the first visitor asks for it. */
const drawnBy = (program: string): DrawFirstPage =>
  (createRequire(import.meta.url)(program) as { readonly drawFirstPage: DrawFirstPage }).drawFirstPage;

/** Draws a first page in a thread of its own: the element that brings it; null when the lists are not the whole. */
export default function draw({ program, shop, lists, learned }: Drawing): string | null {
  const read = FIRST_KINDS.map(
    (kind: Kind, i) => [kind, readList(kind).parse(JSON.parse(lists[i]!))] as const,
  );
  // The first set-up is chosen out of all that a shop has; of the cuts only the last are shown.
  if (read.some(([kind, { next }]) => next !== null && !factsOf(kind).many)) return null;
  const records = Object.fromEntries(read.map(([kind, list]) => [kind, list.records]));
  const picture = drawnBy(program)(
    shop,
    records as unknown as FirstRecords,
    learnedAnswer.parse(JSON.parse(learned)),
  );
  // In a script element only what looks like a tag could end it.
  const text = JSON.stringify(picture).replaceAll('<', '\\u003c');
  return `<script type="application/json" id="${PICTURE_ELEMENT}">${text}</script>`;
}
