import { problem, type Problem } from '@pike-stone/contract';
import type { ZodType } from 'zod';

/** Thrown when the server refuses a request. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** Thrown when no answer comes: the network or the server is away. */
export class Unreachable extends Error {}

const PATIENCE_MS = 12_000;

/** Makes a request and checks the answer by its schema. Throws Refusal or Unreachable. */
export async function ask<Answer>(
  path: string,
  schema: ZodType<Answer>,
  init: RequestInit = {},
): Promise<Answer> {
  let response: Response;
  try {
    response = await fetch(path, { ...init, signal: AbortSignal.timeout(PATIENCE_MS) });
  } catch {
    throw new Unreachable('The shop’s computer does not answer.');
  }
  if (response.ok) {
    const read = schema.safeParse(await response.json());
    if (read.success) return read.data;
    throw new Unreachable('The answer could not be read: is this page as new as the shop’s computer?');
  }
  const told = problem.safeParse(await response.json().catch(() => null));
  if (response.status >= 502 || (response.status === 503 && told.success))
    throw new Unreachable(told.data?.detail ?? 'The shop’s computer does not answer.');
  if (told.success) throw new Refusal(told.data);
  throw new Unreachable(`The answer could not be read (${response.status}).`);
}

export const put = <Answer>(path: string, schema: ZodType<Answer>, body: unknown): Promise<Answer> =>
  ask(path, schema, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
