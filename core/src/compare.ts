/** Two tools, fluids or settings under the same cut: motor current, net power, and the interval of a difference. */
export * from './compare/net-power';
export * from './compare/plateaus';
export * from './compare/read-trace';
export * from './compare/usual-energy';
export { mean } from './quantity/mean';
export { median } from './quantity/median';
export * from './quantity/welch-interval';
