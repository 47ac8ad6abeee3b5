/**
 * All that is not part of the first load, loaded as one. In pieces of their own, what
 * two of them share would become part of the first load.
 */
export * from './angles/pages';
export * from './bench/pages';
export * from './book/pages';
export * from './choose/pages';
export * from './cut/pages';
export * from './drawer/pages';
export * from './form/pages';
export * from './grind/pages';
export * from './house/pages';
export * from './learn/pages';
export * from './machine/pages';
export * from './settings/pages';
export * from './sharpen/pages';
// Records that no first page shows can be read once their schemas are here.
export { bringLaterBodies } from '@pike-stone/contract/later';

// Their workers start with them, so that they work without the server. A page's own import of a worker runs only
// when the page asks it something.
import '../workers/cost-work';
import '../workers/cut-work';
import '../workers/machine-work';
