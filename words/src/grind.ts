/** Sentences about grinding a bit. */
export * from './grind/shape';
export * from './grind/angle';
export * from './grind/finding';
export * from './grind/step-names';
export * from './grind/step';
export * from './grind/verdict';
export * from './grind/wear';
export * from './grind/groove';
export * from './grind/heat-timer';
export * from './grind/regrind';
export * from './grind/read-back';
export * from './grind/set-up';
