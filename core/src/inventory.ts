/** What is left of edges, bits and boxes: sums of the ledger. */
export * from './inventory/tally';
export * from './inventory/edges-left';
export * from './inventory/supply-state';
