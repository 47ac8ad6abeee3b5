/** Words for signs, the next change, runs of trials, and comparisons; loaded with their pages. */
export * from './learn/advice';
export * from './learn/difference';
export * from './learn/model';
export * from './learn/roughness';
export * from './learn/set-values';
export * from './learn/signs';
