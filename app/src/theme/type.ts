/** Type sizes for reading at arm's length in poor light; none is under 13. */
export const FONT = { words: 'Shop', figures: 'Shop Mono' } as const;
export const SIZE = { small: 13, note: 14, body: 16, lead: 19, section: 24, result: 50 } as const;
export const SPACE = { hair: 4, close: 8, near: 12, edge: 16, wide: 24 } as const;
export const TOUCH = 48;
/** The least size of what is touched, where a drawing leaves no room for more. */
export const LEAST_TOUCH = 44;
/** Height of a line whose words are touched: a finger, and a gap between it and the next line. */
export const SENTENCE_LINE = 52;
export const CORNER = 3;
