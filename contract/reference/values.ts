/** Inputs and results of a case: plain JSON with the unit in each key. */
export type Values = Readonly<Record<string, unknown>>;
