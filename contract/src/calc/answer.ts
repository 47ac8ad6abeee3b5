import * as z from 'zod';

/** Answer of `POST /api/calc/{topic}`. */
export const calcAnswer = z.object({ topic: z.string(), result: z.record(z.string(), z.json()) });
/** Answer of `GET /api/calc`. */
export const calcList = z.object({ topics: z.array(z.string()) });
