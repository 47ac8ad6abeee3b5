/** Wear that is seen on an edge. */
export const WEAR_SEEN = ['blunt', 'flank-land', 'nose-worn', 'cratered', 'built-up', 'chipped'] as const;
export type WearSeen = (typeof WEAR_SEEN)[number];
