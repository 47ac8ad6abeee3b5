import { useEffect, useRef } from 'react';

/** What closes the sheets that are open, the last one last. */
const open: (() => void)[] = [];

/** The entry of the browser's history that stands for the open sheets, by the page it was made on; null without. */
let guard: { readonly path: string; readonly title: string } | null = null;
/** Ways back that this module takes itself. */
let leaving = 0;
/** Address of the page, as it was before the last way back. */
let address = '';

const MARK = 'sheet';
/** A page that a sheet opens as it closes has its own entry by then, ms. */
const SETTLED_MS = 60;

type Marked = { readonly [MARK]?: boolean } | null;
const isMarked = (): boolean => (window.history.state as Marked)?.[MARK] === true;

const put = (): void => {
  guard = { path: window.location.pathname, title: document.title };
  window.history.pushState({ ...(window.history.state as object), [MARK]: true }, '');
};

/** Takes the entry of the sheets away when it is still the newest: no page was opened since. */
function takeAway(): void {
  if (open.length > 0 || guard === null) return;
  const isNewest = guard.path === window.location.pathname;
  guard = null;
  if (!isNewest) return;
  leaving += 1;
  address = window.location.href;
  window.history.back();
}

/** The page below the sheets keeps the address that it had while they were open. */
const keepAddress = (): void => {
  if (address !== '' && address !== window.location.href)
    window.history.replaceState(window.history.state, '', address);
};

function onPopState(event: PopStateEvent): void {
  if (leaving > 0) {
    leaving -= 1;
    event.stopImmediatePropagation();
    keepAddress();
    return;
  }
  const close = open.at(-1);
  if (close && guard !== null) {
    event.stopImmediatePropagation();
    keepAddress();
    guard = null;
    open.pop();
    close();
    if (open.length > 0) put();
    return;
  }
  // An entry that a sheet left behind stands for no page of its own.
  if (isMarked()) {
    event.stopImmediatePropagation();
    window.history.back();
  }
}

/** Listens before the router does. Called once, before the application is drawn. */
export function listenForBack(): void {
  window.addEventListener('popstate', onPopState, { capture: true });
}

/** While it is drawn, the browser's Back closes the sheet and stays on the page. */
export function useBackCloses(onClose: () => void): void {
  const latest = useRef(onClose);
  useEffect(() => {
    latest.current = onClose;
  });
  useEffect(() => {
    const close = () => latest.current();
    open.push(close);
    if (guard === null) put();
    const follow = () => {
      address = window.location.href;
    };
    follow();
    const timer = setInterval(follow, SETTLED_MS);
    return () => {
      clearInterval(timer);
      const at = open.indexOf(close);
      if (at >= 0) open.splice(at, 1);
      setTimeout(takeAway, SETTLED_MS);
    };
  }, []);
}
