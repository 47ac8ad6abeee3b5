import type * as z from 'zod';

/** A calculation: schemas of its input and output, and the function between them. */
interface TopicOf<In extends z.ZodType, Out extends z.ZodType> {
  readonly input: In;
  readonly output: Out;
  run(input: z.output<In>): z.input<Out>;
}

/** Makes a calculation whose types follow from its two schemas. */
export const topic = <In extends z.ZodType, Out extends z.ZodType>(
  parts: TopicOf<In, Out>,
): TopicOf<In, Out> => parts;

/** A calculation without its exact types. */
export interface Topic {
  readonly input: z.ZodType;
  readonly output: z.ZodType;
  run(input: unknown): unknown;
}
