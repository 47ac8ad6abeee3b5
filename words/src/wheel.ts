/** Sentences about wheels, sharpening, honing, heat and a round at the grinder. */
export * from './wheel/marking';
export * from './wheel/dress';
export * from './wheel/wheel';
export * from './wheel/end-mill';
export * from './wheel/short-jobs';
export * from './wheel/hone';
export * from './wheel/heat';
export * from './wheel/round';
