import { useEffect, useLayoutEffect, useRef } from 'react';

const ON = [' ', 'PageDown', 'ArrowRight', 'ArrowDown'];
const BACK = ['PageUp', 'ArrowLeft', 'ArrowUp'];

/**
 * Keys of a pedal, or the space bar, anywhere on the page: on to the next step, or back. A pedal must
 * not open again what was closed by hand, so a button that has the focus is pressed by Enter alone.
 */
export function usePedal(next: () => void, back: () => void): void {
  const now = useRef({ next, back });
  // Before the new step is seen: a pedal pressed as soon as it is seen must not be taken for the step before.
  useLayoutEffect(() => {
    now.current = { next, back };
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const { target, key, repeat } = event;
      const typing = target instanceof Element && target.closest('input, textarea');
      if (typing || document.querySelector('[role="dialog"]')) return;
      if (!ON.includes(key) && !BACK.includes(key)) return;
      event.preventDefault();
      event.stopPropagation();
      if (repeat) return;
      if (ON.includes(key)) now.current.next();
      else now.current.back();
    };
    document.addEventListener('keydown', press, { capture: true });
    return () => document.removeEventListener('keydown', press, { capture: true });
  }, []);
}
