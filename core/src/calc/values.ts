/** Inputs and results of a topic: plain JSON with snake_case keys that end in their unit. */
export type Values = Record<string, any>;

/** Topics and the core function each drives. */
export type Topics = Readonly<Record<string, (input: Values) => Values>>;
