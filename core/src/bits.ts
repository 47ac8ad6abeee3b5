/** The names that a record of a bit is written with: what the first load needs to know of grinding. */
export * from './bit/bit-angles';
export * from './grind/bit-plan';
export * from './grind/grind-step';
export * from './grind/wear';
