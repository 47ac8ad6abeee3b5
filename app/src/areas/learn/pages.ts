/** Pages of working up: what was seen, runs of trials, comparisons, proven settings. */
export { ComparisonScreen } from './compare/ComparisonScreen';
export { NewComparisonScreen } from './compare/NewComparisonScreen';
export { NewRunScreen } from './run/NewRunScreen';
export { RunScreen } from './run/RunScreen';
export { ProvenHere } from './proven/ProvenHere';
export { ProvenScreen } from './proven/ProvenScreen';
export { LogScreen } from './taken/LogScreen';
