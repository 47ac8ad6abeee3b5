import { useEffect, useRef } from 'react';

/** What closes the sheets that are open, the last one last. */
const open: (() => void)[] = [];

/**
 * While a sheet is open, the page has a second entry in the browser's history, so that Back has somewhere to go
 * from: to the page itself. The entry stays when the sheet is closed otherwise; the next way back passes it.
 * This is the id which the router gave the page that has two entries; null where none has.
 */
let pageWithTwo: string | null = null;
/** Address of that page while a sheet is open, which the page can change meanwhile. */
let address = '';
/** On the way past the second entry of a page, the page's id and the address it had there. */
let passing: { readonly id: string; readonly address: string } | null = null;

/** Id that the router gave the entry that is shown. */
const idNow = (): string | null => (window.history.state as { id?: string } | null)?.id ?? null;

const addEntry = (): void => {
  // A page that was never moved to has no id yet.
  const id = idNow() ?? 'first';
  if (pageWithTwo === id) return;
  pageWithTwo = id;
  window.history.pushState(window.history.state, '');
};

/**
 * Gives the entry that is shown the address that its page has by now. At an older address the router would not know
 * the page again: it would make another of it, from which its way back leads nowhere.
 */
const bringUpToDate = (latest: string): void => {
  if (latest !== window.location.href) window.history.replaceState(window.history.state, '', latest);
};

function onPopState(event: PopStateEvent): void {
  const id = idNow() ?? 'first';
  if (passing?.id === id) bringUpToDate(passing.address);
  passing = null;
  const isSamePage = pageWithTwo === id;
  const close = isSamePage ? open.pop() : undefined;
  if (close) {
    event.stopImmediatePropagation();
    pageWithTwo = null;
    bringUpToDate(address);
    close();
    if (open.length > 0) addEntry();
  } else if (isSamePage) {
    // The second entry of a page whose sheets are closed: the way back leads past it.
    event.stopImmediatePropagation();
    pageWithTwo = null;
    passing = { id, address: window.location.href };
    window.history.back();
  } else pageWithTwo = null;
}

/** Listens before the router does. Called once, before the application is drawn. */
export function listenForBack(): void {
  window.addEventListener('popstate', onPopState, { capture: true });
}

const FOLLOW_MS = 60;

/** While it is drawn, the browser's Back closes the sheet and stays on the page. */
export function useBackCloses(onClose: () => void): void {
  const latest = useRef(onClose);
  useEffect(() => {
    latest.current = onClose;
  });
  useEffect(() => {
    const close = () => latest.current();
    open.push(close);
    addEntry();
    const follow = () => {
      address = window.location.href;
    };
    follow();
    const timer = setInterval(follow, FOLLOW_MS);
    return () => {
      clearInterval(timer);
      const at = open.indexOf(close);
      if (at >= 0) open.splice(at, 1);
    };
  }, []);
}
