import { useRouter, type Href } from 'expo-router';
import { useEffect, useRef } from 'react';

type Router = ReturnType<typeof useRouter>;

/** Goes back to the page before, or to a given place when the page was opened by its address. */
export const backOr = (router: Pick<Router, 'canGoBack' | 'back' | 'replace'>, to: Href): void =>
  router.canGoBack() ? router.back() : router.replace(to);

/**
 * Tells whether the page that asks still stands. What it wanted kept may be answered late: who has gone to another
 * page meanwhile is not taken from there.
 */
export function useIsHere(): () => boolean {
  const isHere = useRef(false);
  useEffect(() => {
    isHere.current = true;
    return () => {
      isHere.current = false;
    };
  }, []);
  return () => isHere.current;
}

/** Goes back when a page has done its work, as backOr does, and as long as it stands. */
export function useLeave(to: Href): () => void {
  const router = useRouter();
  const isHere = useIsHere();
  return () => {
    if (isHere()) backOr(router, to);
  };
}
