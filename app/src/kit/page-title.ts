import { useEffect } from 'react';

/** Sets the page's title in the browser's tab and history; null leaves it as it is. */
export function usePageTitle(title: string | null): void {
  useEffect(() => {
    if (title !== null) document.title = `${title} · Pike Stone`;
  }, [title]);
}
