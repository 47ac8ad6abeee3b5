/** A reference case's inputs and results: plain JSON with snake_case keys. */
export type Values = Record<string, any>;

/** Topics and the core function each drives. */
export type Topics = Readonly<Record<string, (input: Values) => Values>>;
