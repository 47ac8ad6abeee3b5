import type { Cache, State } from 'swr';

const PLACE = 'pike-read';

/** Last answers of the server, so that a page opened without it still shows them. */
export function deviceCache(): Cache {
  let kept: [string, State][] = [];
  try {
    kept = JSON.parse(localStorage.getItem(PLACE) ?? '[]') as [string, State][];
  } catch {
    // Unreadable: start afresh, the server has it all.
  }
  const map = new Map<string, State>(kept);
  const keep = () => {
    const answers = [...map]
      .filter(([key, state]) => key.startsWith('/api/') && state.data !== undefined)
      .map(([key, state]) => [key, { data: state.data }]);
    try {
      localStorage.setItem(PLACE, JSON.stringify(answers));
    } catch {
      // No room: the cache is a comfort, not a record.
    }
  };
  window.addEventListener('pagehide', keep);
  document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && keep());
  return map as Cache;
}
