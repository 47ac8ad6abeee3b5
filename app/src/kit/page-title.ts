import { useEffect } from 'react';

/** What the browser calls this page, in its tab and its history. */
export function usePageTitle(title: string): void {
  useEffect(() => {
    document.title = `${title} · Pike Stone`;
  }, [title]);
}
