/** Sentences about form cutters, and about setting angles and circles. */
export * from './form/angles';
export * from './form/correction';
export * from './form/dividing';
export * from './form/fine';
export * from './form/finding';
export * from './form/first-part';
export * from './form/making';
export * from './form/proof';
export * from './form/slides';
export * from './form/source';
export * from './form/tool';
