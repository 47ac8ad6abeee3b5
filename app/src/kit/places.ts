/** Addresses of the five places. */
export type PlaceHref = '/' | '/cut' | '/grind' | '/drawer' | '/book';

/** Pages that are reached from the bench only. */
const OF_BENCH = ['/', '/settings', '/glossary', '/files', '/pair'];

/** Whether a path belongs to a place. */
export const isAt = (place: PlaceHref, path: string): boolean =>
  place === '/' ? OF_BENCH.includes(path) : path === place || path.startsWith(`${place}/`);
