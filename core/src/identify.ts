/** What an unmarked cutter is made of, and the rescue of an edge with metal welded on. */
export * from './identify/substance';
export * from './identify/density';
export * from './identify/tests-of-a-cutter';
export * from './identify/identify';
export * from './identify/edge-of';
export * from './rescue/caustic-bath';
export * from './rescue/usual-bath';
