/** Guard rails for a hand-ground bit: typical, a shop has its own. */

/** Clearance that must be left where the bit cuts, degrees. */
export const LEAST_CLEARANCE_DEG = 3;
/** Wedge of steel square to the edge: below it the edge is weak, above it there is no edge. */
export const WEDGE_DEG = [55, 90] as const;
/** Share of the blank's section that must be left behind the nose. */
export const LEAST_SECTION_SHARE = 0.5;
/** Stock that a regrind takes, mm: honed only, touched up, ground again, with a chipped edge. */
export const STOCK_MM = { hone: 0.02, touchUp: 0.1, regrind: 0.3, chipped: 0.8 } as const;
/** Gap that a bit keeps from the wall of a bore, mm. */
export const BORE_GAP_MM = 0.2;
/** What a wheel takes off hardened high speed steel by hand, mm³/min, by its grit. */
export const RATE_BY_GRIT = { 36: 120, 46: 90, 60: 55, 80: 30, 120: 12 } as const;
/** How a wheel's state slows it. */
export const DRESS_FACTOR = { fresh: 1, inUse: 0.7, dull: 0.35 } as const;
/** Share of the time at the wheel that is spent cooling. */
export const COOLING_SHARE = 0.4;
