import type { LearnedAnswer } from './learned';
import type { Stored } from './record/registry';

/** Kinds of record that the first page is drawn with. */
export const FIRST_KINDS = ['machines', 'stock', 'tools', 'metals', 'rules', 'cuts'] as const;
export type FirstRecords = { readonly [K in (typeof FIRST_KINDS)[number]]: readonly Stored<K>[] };

/** What a page looks like: it stands, not to be touched, in the frame until the application draws the page itself. */
export interface Picture {
  /** What lies in the main part of the page. Styles of single elements are under `data-style`. */
  readonly markup: string;
  /** Rules of the style sheet for it. */
  readonly rules: string;
}

/** Draws the first page of a shop for a phone that has never seen it. */
export type DrawFirstPage = (shop: string, records: FirstRecords, learned: LearnedAnswer) => Picture;

/** The program beside the application's page which exports that as `drawFirstPage`; it is not sent to anybody. */
export const FIRST_PAGE_PROGRAM = '.first-page.cjs';
/** Id of the element in which the page brings a picture, as JSON. */
export const PICTURE_ELEMENT = 'picture';
/** Where that element stands in the page. */
export const PICTURE_MARK = '<!-- picture -->';
