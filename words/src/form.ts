/** Sentences about form cutters, and about setting angles and circles. */
export * from './form/angles';
export * from './form/fine';
export * from './form/finding';
export * from './form/making';
export * from './form/proof';
export * from './form/source';
export * from './form/tool';
