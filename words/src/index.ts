/** All sentences and number formats that people read about results. */
export * from './capital';
export * from './aloud';
export * from './format';
export * from './length-entry';
export * from './pitch';
export * from './dial';
export * from './machine';
export * from './finding';
export * from './caution';
export * from './setting';
export * from './out-of-range';
export * from './operation/operation-words';
export * from './operation/words-of';
export * from './factor';
export * from './fluid';
export * from './shortcut';
export type { WorkingLine } from './working/line';
export type { Result } from './working/working';
