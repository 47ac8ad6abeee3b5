import { useLayoutEffect, useRef } from 'react';

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement
  && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Whether single keys do anything on this device. */
let on = true;

/** Switches the single keys on or off, as the person at this device wants it. */
export function useKeysOn(wanted: boolean): void {
  useLayoutEffect(() => {
    on = wanted;
  }, [wanted]);
}

/** Listens for single keys and pairs such as "g c" while nothing is being typed and no panel is open. */
export function useKeys(keys: Readonly<Record<string, () => void>>): void {
  const latest = useRef(keys);
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useLayoutEffect(() => {
    let before = '';
    const onKey = (event: KeyboardEvent) => {
      if (
        !on
        || event.ctrlKey
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
