/** Names that records of wheels and sharpenings are written with: what the first load needs to know of them. */

/** Families of abrasive that a shop grinds tools with. */
export const ABRASIVES = [
  'grey-alumina',
  'white-alumina',
  'pink-alumina',
  'green-silicon-carbide',
  'cbn',
  'diamond',
] as const;
export type Abrasive = (typeof ABRASIVES)[number];

/** Shapes of grinding wheels. */
export const WHEEL_FORMS = ['straight', 'cup', 'dish', 'cut-off', 'mounted'] as const;
export type WheelForm = (typeof WHEEL_FORMS)[number];

/** Ways to dress a wheel: both schools. */
export const DRESS_WAYS = [
  'diamond',
  'diamond-then-star',
  'diamond-then-stick',
  'star-only',
  'stick-only',
] as const;
export type DressWay = (typeof DRESS_WAYS)[number];

/** What is seen, heard or felt at a wheel. */
export const WHEEL_SIGNS = ['glazed', 'loaded', 'out-of-true', 'grooved', 'slow', 'burning'] as const;
export type WheelSign = (typeof WHEEL_SIGNS)[number];

export const RING_TESTS = ['clear', 'dull', 'not-done'] as const;
export type RingTest = (typeof RING_TESTS)[number];

/** What is seen on the end of a cutter. */
export const MILL_WEAR = ['blunt', 'worn-land', 'chipped', 'burnt'] as const;
export type MillWear = (typeof MILL_WEAR)[number];

/** Tools that are sharpened in a few steps. */
export const SHORT_JOBS = ['drill', 'fly-tip', 'brazed', 'scraper'] as const;
export type ShortJob = (typeof SHORT_JOBS)[number];

/** How a tool is held for a grind. */
export const ROUND_SET_UPS = ['rest', 'drill', 'free-hand', 'end-teeth', 'stone'] as const;
export type RoundSetUp = (typeof ROUND_SET_UPS)[number];
