import { usePathname } from 'expo-router';
import { useEffect } from 'react';

/** Where one was on a page, to be found again on the way back. */
interface Remembered {
  /** Name of the control that had the focus. */
  focus: string | null;
  /** How far each part was scrolled, by its order on the page. */
  readonly scrolled: Map<number, number>;
}

const remembered = new Map<string, Remembered>();
const TRIES = 30;
const EACH_MS = 50;
/** Pages that are remembered. */
const MOST = 60;

const key = (): string => (window.history.state as { id?: string } | null)?.id ?? window.location.pathname;
const main = (): Element | null => document.querySelector('[role=main],main');
const scrollers = (): HTMLElement[] => [...(main()?.querySelectorAll<HTMLElement>('[data-scrolls]') ?? [])];
const nameOf = (one: Element): string => one.getAttribute('aria-label') ?? one.textContent ?? '';
const controls = (): HTMLElement[] => [
  ...(main()?.querySelectorAll<HTMLElement>('[role=button],[role=radio],a[href],input') ?? []),
];

function here(): Remembered {
  const known = remembered.get(key());
  if (known) return known;
  const fresh: Remembered = { focus: null, scrolled: new Map() };
  remembered.set(key(), fresh);
  if (remembered.size > MOST) remembered.delete(remembered.keys().next().value as string);
  return fresh;
}

function onFocus({ target }: FocusEvent): void {
  if (target instanceof HTMLElement && main()?.contains(target) && controls().includes(target))
    here().focus = nameOf(target);
}

function onScroll({ target }: Event): void {
  const at = scrollers().indexOf(target as HTMLElement);
  if (at >= 0) here().scrolled.set(at, (target as HTMLElement).scrollTop);
}

/** Page that is shown, and whether Back led to it. They are kept here because the router may draw the whole application anew. */
let shown: string | null = null;
let isBack = false;

/** What a person does on a page; from then on nothing is moved under the hand. */
const MOVED_BY_HAND = ['pointerdown', 'wheel', 'keydown'] as const;

/** Does something until it has been done, as a page is drawn in several steps, or until a person does something. */
function untilDone(attempt: () => boolean): () => void {
  let tries = 0;
  const timer = setInterval(() => {
    tries += 1;
    if (attempt() || tries >= TRIES) end();
  }, EACH_MS);
  const end = () => clearInterval(timer);
  for (const one of MOVED_BY_HAND) document.addEventListener(one, end, { capture: true, once: true });
  return end;
}

const nothingHasFocus = (): boolean =>
  document.activeElement === null || document.activeElement === document.body;

function focusHeading(): boolean {
  if (!nothingHasFocus()) return true;
  const heading = main()?.querySelector<HTMLElement>('h1');
  if (!heading) return false;
  heading.tabIndex = -1;
  heading.focus({ preventScroll: true });
  return true;
}

/** @param left  parts that are still to be scrolled: each is, once, as soon as it is as high as it was */
function findAgain(focus: Remembered['focus'], left: Map<number, number>): boolean {
  for (const [at, top] of left) {
    const part = scrollers()[at];
    if (!part || part.scrollHeight - part.clientHeight < top - 1) return false;
    part.scrollTop = top;
    left.delete(at);
  }
  if (focus === null || !nothingHasFocus()) return focusHeading();
  const control = controls().find((one) => nameOf(one) === focus);
  control?.focus({ preventScroll: true });
  return control !== undefined;
}

/**
 * Moves the focus to the heading of a page that is opened, so that it is read aloud and the keyboard begins
 * there. On the way back the page is as far down as it was, and the focus is on what opened the other page.
 */
export function useMoves(): void {
  const path = usePathname();
  useEffect(() => {
    const onPopState = () => {
      isBack = true;
    };
    window.addEventListener('popstate', onPopState);
    document.addEventListener('focusin', onFocus);
    document.addEventListener('scroll', onScroll, { capture: true, passive: true });
    return () => {
      window.removeEventListener('popstate', onPopState);
      document.removeEventListener('focusin', onFocus);
      document.removeEventListener('scroll', onScroll, { capture: true });
    };
  }, []);
  useEffect(() => {
    if (shown === path) return;
    const isFirst = shown === null;
    shown = path;
    const known = isBack ? remembered.get(key()) : undefined;
    isBack = false;
    if (isFirst) return;
    if (!known) return untilDone(focusHeading);
    const left = new Map(known.scrolled);
    return untilDone(() => findAgain(known.focus, left));
  }, [path]);
}
