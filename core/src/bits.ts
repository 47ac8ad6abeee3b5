/** The names that records of bits, wheels, sharpenings and forms are written with: what the first load needs to know of grinding. */
export * from './bit/bit-angles';
export * from './grind/bit-plan';
export * from './grind/grind-step';
export * from './grind/wear';
export * from './wheel/wheel-names';
export * from './form/form-names';
