import { useRouter, type Href } from 'expo-router';
import { useEffect, useRef } from 'react';

type Router = ReturnType<typeof useRouter>;

/** Goes back to the page before, or to a given place when the page was opened by its address. */
export const backOr = (router: Pick<Router, 'canGoBack' | 'back' | 'replace'>, to: Href): void =>
  router.canGoBack() ? router.back() : router.replace(to);

/**
 * Tells whether the page that asks is still open. The server may answer late that a record is kept: a person who
 * has gone to another page meanwhile stays there.
 */
function useIsHere(): () => boolean {
  const isHere = useRef(false);
  useEffect(() => {
    isHere.current = true;
    return () => {
      isHere.current = false;
    };
  }, []);
  return () => isHere.current;
}

/** Goes back, as backOr does, when a page has done its work and is still open. */
export function useLeave(to: Href): () => void {
  const router = useRouter();
  const isHere = useIsHere();
  return () => {
    if (isHere()) backOr(router, to);
  };
}

/** Opens another page in place of one that has done its work and is still open. */
export function useGoOn(): (to: Href) => void {
  const router = useRouter();
  const isHere = useIsHere();
  return (to) => {
    if (isHere()) router.replace(to);
  };
}
