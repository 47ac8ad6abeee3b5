import { isKind, upgraded } from '@pike-stone/contract';
import type { Cache, State } from 'swr';

const PLACE = 'pike-read';

/** SWR's cache, kept on the device: a page opened without the server shows the last answers. */
export function deviceCache(): Cache {
  let kept: [string, State][] = [];
  try {
    kept = (JSON.parse(localStorage.getItem(PLACE) ?? '[]') as [string, State][]).map(([key, state]) => [
      key,
      upgradedAnswer(key, state),
    ]);
  } catch {
    // The kept answers cannot be read. The server has them all, so start without.
  }
  const map = new Map<string, State>(kept);
  const keep = () => {
    const answers = [...map]
      .filter(([key, state]) => key.startsWith('/api/') && state.data !== undefined)
      .map(([key, state]) => [key, { data: state.data }]);
    try {
      localStorage.setItem(PLACE, JSON.stringify(answers));
    } catch {
      // The device has no room. Nothing is lost, because the server has the records.
    }
  };
  window.addEventListener('pagehide', keep);
  document.addEventListener('visibilitychange', () => document.visibilityState === 'hidden' && keep());
  return map as Cache;
}

interface KeptList {
  readonly records: readonly { readonly body: unknown }[];
}

/** Brings a list that was kept before a record's shape changed into today's shape. */
function upgradedAnswer(key: string, state: State): State {
  const kind = key.replace('/api/', '');
  if (!isKind(kind)) return state;
  const list = state.data as KeptList;
  return {
    ...state,
    data: { ...list, records: list.records.map((one) => ({ ...one, body: upgraded(kind, one.body) })) },
  };
}
