/** Setting angles and circles: sine bars, stacks, dividing, cutter blanks, hardening. */
export * from './setting/cutter-blank';
export * from './setting/differential-dividing';
export * from './setting/dividing';
export * from './setting/gauge-set';
export * from './setting/gauge-stack';
export * from './setting/hardening';
export * from './setting/raised-rolls';
export * from './setting/sine-bar';
export * from './setting/stack-error';
