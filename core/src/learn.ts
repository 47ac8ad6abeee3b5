/** What a cut teaches: signs and the next change, runs of trials, and the shop's own factor. */
export * from './learn/factor-grid';
export * from './learn/factor-groups';
export * from './learn/factor-history';
export * from './learn/shop-factor';
export * from './learn/sign';
export * from './learn/sign-advice';
export * from './learn/sign-rows';
export * from './learn/was-right';
export * from './learn/chip-map';
export * from './learn/next-setting';
export * from './learn/work-up';
