import type * as z from 'zod';

/** A calculation: schemas of its input and output, and the function between them. */
interface TopicOf<In extends z.ZodType, Out extends z.ZodType> {
  readonly input: In;
  readonly output: Out;
  /** It may take more than a few milliseconds: the server runs it in a thread of its own. */
  readonly heavy?: true;
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
  readonly heavy?: true;
  run(input: unknown): unknown;
}
