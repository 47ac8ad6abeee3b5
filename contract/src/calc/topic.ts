import type * as z from 'zod';

/** A calculation: what it takes, what it gives, and the core function between. */
interface TopicOf<In extends z.ZodType, Out extends z.ZodType> {
  readonly input: In;
  readonly output: Out;
  run(input: z.output<In>): z.input<Out>;
}

/** Ties a calculation to its two schemas: its types follow from them. */
export const topic = <In extends z.ZodType, Out extends z.ZodType>(
  parts: TopicOf<In, Out>,
): TopicOf<In, Out> => parts;

/** Any calculation, as it is kept by name. */
export interface Topic {
  readonly input: z.ZodType;
  readonly output: z.ZodType;
  run(input: unknown): unknown;
}
