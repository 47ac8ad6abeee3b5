import type { ZodType } from 'zod';
import { ask, NotIn, Unreachable } from './api';
import { setReachable } from './outbox';
import { readAgain } from './shop-cache';

/** Reads an answer, and notes whether the shop's computer was reached and this device is still in. */
export async function reading<Answer>(path: string, schema: ZodType<Answer>): Promise<Answer> {
  try {
    const answer = await ask(path, schema);
    setReachable(true);
    return answer;
  } catch (error) {
    if (error instanceof NotIn) readAgain('/api/session');
    else if (error instanceof Unreachable) setReachable(error.answered);
    throw error;
  }
}
