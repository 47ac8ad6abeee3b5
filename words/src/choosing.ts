/** Sentences of the choice between high speed steel and carbide. */
export * from './choosing/verdict';
export * from './choosing/factor';
export * from './choosing/flip';
export * from './choosing/schools';
export * from './choosing/mill';
export * from './choosing/money';
export * from './choosing/want';
export * from './choosing/cost';
export * from './choosing/cost-answer';
export * from './choosing/measure';
