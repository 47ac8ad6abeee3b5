import { useEffect, useRef } from 'react';

const ON = [' ', 'Enter', 'PageDown', 'ArrowRight', 'ArrowDown'];
const BACK = ['PageUp', 'ArrowLeft', 'ArrowUp'];

/** Keys of a pedal, or the space bar, anywhere on the page: on to the next step, or back. */
export function usePedal(next: () => void, back: () => void): void {
  const now = useRef({ next, back });
  useEffect(() => {
    now.current = { next, back };
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const { target, key, repeat } = event;
      // A button that has the focus takes its own key, and so does an open panel.
      const taken = target instanceof Element && target.closest('button, [role="button"], input, textarea');
      if (repeat || taken || document.querySelector('[role="dialog"]')) return;
      if (ON.includes(key)) now.current.next();
      else if (BACK.includes(key)) now.current.back();
      else return;
      event.preventDefault();
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, []);
}
