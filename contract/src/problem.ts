import * as z from 'zod';

/** An error answer of the server: problem details by RFC 9457. */
export const problem = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string(),
  /** Path in the request and the fault there. */
  fields: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
  /** The stored record, when a write came from an older version. */
  current: z.unknown().optional(),
  requestId: z.string().optional(),
});
export type Problem = z.infer<typeof problem>;

/** The fields of a Zod error as dotted paths with their sentences. */
export const fieldsOf = (error: z.ZodError): { path: string; message: string }[] =>
  error.issues.map((issue) => ({ path: issue.path.map(String).join('.'), message: issue.message }));
