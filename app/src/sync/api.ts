import { problem, type Problem } from '@pike-stone/contract';
import type { ZodType } from 'zod';
import { dropEarly, PATIENCE_MS, takeEarly } from './early';

/** Thrown when the server refuses a request for what it says. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** Thrown when the same request may be answered later: nobody answers, or the server cannot do it now. */
export class Unreachable extends Error {
  /**
   * @param answered      the server answered, so the network is not what is away
   * @param retryAfterMs  when the server says it is worth asking again
   */
  constructor(
    message: string,
    readonly answered = false,
    readonly retryAfterMs: number | null = null,
  ) {
    super(message);
  }
}

/** Thrown when this device is not in the shop, or is no more. What waits is sent when it is in again. */
export class NotIn extends Unreachable {}

const AWAY = 'The shop’s computer does not answer.';

/** Status answers that say nothing about the request itself: the same one may be taken later. */
const isPassing = (status: number): boolean => status >= 500 || [408, 421, 425, 429].includes(status);

const retryAfterMs = (response: Response): number | null => {
  const seconds = Number(response.headers?.get('Retry-After') ?? NaN);
  return Number.isFinite(seconds) ? seconds * 1_000 : null;
};

/** Makes a request. Throws Refusal or Unreachable where the answer is no good one. */
export async function answerTo(path: string, init: RequestInit): Promise<Response> {
  let response: Response;
  try {
    const writes = init.method !== undefined;
    if (writes) dropEarly();
    const early = writes ? undefined : takeEarly(path);
    response = await (early ?? fetch(path, { signal: AbortSignal.timeout(PATIENCE_MS), ...init }));
  } catch {
    throw new Unreachable(AWAY);
  }
  if (response.ok) return response;
  const { status } = response;
  const told = problem.safeParse(await response.json().catch(() => undefined)).data;
  if (status === 401) throw new NotIn(told?.detail ?? 'This device is not in the shop.', true);
  if (isPassing(status) || !told)
    throw new Unreachable(told?.detail ?? AWAY, told !== undefined, retryAfterMs(response));
  throw new Refusal(told);
}

/**
 * Makes a request and checks the answer by its schema. Throws Refusal or Unreachable.
 * @param init  a signal in it takes the place of the usual patience
 */
export async function ask<Answer>(
  path: string,
  schema: ZodType<Answer>,
  init: RequestInit = {},
): Promise<Answer> {
  const response = await answerTo(path, init);
  const body: unknown = response.status === 204 ? null : await response.json().catch(() => undefined);
  const read = schema.safeParse(body);
  if (read.success) return read.data;
  throw new Unreachable('The answer could not be read: is this page as new as the shop’s computer?', true);
}

/** Sends a body, or none, and checks the answer by its schema. */
export const send = <Answer>(
  method: 'PUT' | 'POST' | 'DELETE',
  path: string,
  schema: ZodType<Answer>,
  body: unknown,
): Promise<Answer> =>
  ask(path, schema, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  });
