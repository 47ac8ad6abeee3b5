import * as z from 'zod';

/** What `POST /api/calc/{topic}` answers. */
export const calcAnswer = z.object({ topic: z.string(), result: z.record(z.string(), z.json()) });
/** What `GET /api/calc` answers. */
export const calcList = z.object({ topics: z.array(z.string()) });
