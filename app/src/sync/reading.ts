import type { ZodType } from 'zod';
import { ask, NotIn, Unreachable } from './api';
import { setReachable } from './outbox';
import { readAgain } from './shop-cache';

/** Answers that are on their way. */
let underWay = 0;

const QUIET_MS = 250;

/** Settles when no answer has been on its way for a moment: the page has what it asked for. */
export async function untilQuiet(): Promise<void> {
  let quietSince = Date.now();
  while (Date.now() - quietSince < QUIET_MS) {
    await new Promise((go) => setTimeout(go, QUIET_MS / 2));
    if (underWay > 0) quietSince = Date.now();
  }
}

/** Reads an answer, and notes whether the shop's computer was reached and this device is still in. */
export async function reading<Answer>(path: string, schema: ZodType<Answer>): Promise<Answer> {
  underWay += 1;
  try {
    const answer = await ask(path, schema);
    setReachable(true);
    return answer;
  } catch (error) {
    if (error instanceof NotIn) readAgain('/api/session');
    else if (error instanceof Unreachable) setReachable(error.answered);
    throw error;
  } finally {
    underWay -= 1;
  }
}
