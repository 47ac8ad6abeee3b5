/**
 * What every page begins with is asked for by the page itself, while the application is still on its way.
 * This file stands in the page, so it needs nothing else.
 */

/** Lists that the first page of a place shows, at the addresses the application asks for. */
export const FIRST_LISTS = [
  '/api/machines?limit=500',
  '/api/stock?limit=500',
  '/api/tools?limit=500',
  '/api/metals?limit=500',
  '/api/rules?limit=500',
  '/api/cuts?limit=200',
  '/api/learned',
] as const;
export const SESSION = '/api/session';

/** How long an answer is waited for, ms. */
export const PATIENCE_MS = 12_000;
/** An answer that nobody took within this time is asked for anew, ms. */
const FRESH_MS = 20_000;

interface Early {
  readonly at: number;
  readonly answers: Map<string, Promise<Response>>;
  /** What has come of them. */
  readonly bodies: Map<string, unknown>;
}
declare global {
  interface Window {
    early?: Early;
  }
}

const within = (init: RequestInit = {}): RequestInit => ({
  signal: AbortSignal.timeout(PATIENCE_MS),
  ...init,
});
/** What an answer says, left to be read again; nothing of a refusal. */
const told = async (answer: Response): Promise<{ shop?: unknown; entry?: unknown }> =>
  answer.ok ? answer.clone().json() : {};

/** Asks for the session, and to come in where no code is needed, as the application does. */
async function comeIn(): Promise<Response> {
  const answer = await fetch(SESSION, within());
  const { shop, entry } = await told(answer);
  if (!answer.ok || shop || entry === 'code') return answer;
  const headers = { 'Content-Type': 'application/json' };
  return fetch(SESSION, within({ method: 'POST', headers, body: '{}' }));
}

/** Asks for the session and then for the first lists. What fails here fails again, and is told, where it is needed. */
export async function askEarly(): Promise<void> {
  const answers = new Map<string, Promise<Response>>();
  const bodies = new Map<string, unknown>();
  window.early = { at: Date.now(), answers, bodies };
  const session = comeIn();
  answers.set(SESSION, session);
  const isIn = session.then(async (answer) => Boolean((await told(answer)).shop));
  for (const path of FIRST_LISTS) {
    answers.set(
      path,
      isIn.then((is) => (is ? fetch(path, within()) : Response.error())),
    );
  }
  await Promise.allSettled(
    [...answers].map(async ([path, answer]) => bodies.set(path, await told(await answer))),
  );
}

const stillFresh = (): Early | undefined =>
  window.early && Date.now() - window.early.at < FRESH_MS ? window.early : undefined;

/** The answer that the page has asked for already, once; undefined when it has not, or when it is old. */
export function takeEarly(path: string): Promise<Response> | undefined {
  const early = stillFresh();
  const answer = early?.answers.get(path);
  early?.answers.delete(path);
  return answer;
}

/** What has come already of what the page has asked for. It stays to be taken until `takeEarly` takes it. */
export const arrivedEarly = (path: string): unknown => stillFresh()?.bodies.get(path);

/** Forgets what was asked for early: something is being written, and those answers may not know of it. */
export const dropEarly = (): void => {
  window.early?.answers.clear();
  window.early?.bodies.clear();
};
