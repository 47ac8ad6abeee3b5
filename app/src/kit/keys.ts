import { useLayoutEffect, useRef } from 'react';

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement
  && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Single keys, and pairs like "g c", while nobody is typing and no panel is open; taken from the moment the page is drawn. */
export function useKeys(keys: Readonly<Record<string, () => void>>): void {
  const latest = useRef(keys);
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useLayoutEffect(() => {
    let before = '';
    const onKey = (event: KeyboardEvent) => {
      if (
        event.ctrlKey
        || event.metaKey
        || event.altKey
        || typing(event.target)
        || document.querySelector('[role="dialog"]')
      )
        return;
      const act = latest.current[`${before} ${event.key}`] ?? latest.current[event.key];
      before = event.key;
      if (act) {
        event.preventDefault();
        act();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
