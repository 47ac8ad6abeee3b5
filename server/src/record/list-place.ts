import { HttpProblem } from '../http/problem';

/** Place in a list that is ordered by a text: that of its last record, a name or a time, and its id. */
export type TextPlace = readonly [text: string, id: string];

export const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;
export const noSuchPage = (path: string, message: string) =>
  new HttpProblem(400, 'Something does not fit', 'There is no such page of this list.', {
    fields: [{ path, message }],
  });

/** The text by which `readPlace` finds the place again. */
export const writePlace = (place: TextPlace): string =>
  Buffer.from(JSON.stringify(place)).toString('base64url');

export function readPlace(after: string): TextPlace {
  try {
    const [text, id] = JSON.parse(Buffer.from(after, 'base64url').toString()) as TextPlace;
    if (typeof text === 'string' && UUID.test(id)) return [text, id];
  } catch {
    // Not a place that this server gave: said below.
  }
  throw noSuchPage('after', 'It is not the next of a page of this list.');
}
