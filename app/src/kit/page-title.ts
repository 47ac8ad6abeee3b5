import { useEffect } from 'react';

/** Sets the page's title in the browser's tab and history. */
export function usePageTitle(title: string): void {
  useEffect(() => {
    document.title = `${title} · Pike Stone`;
  }, [title]);
}
