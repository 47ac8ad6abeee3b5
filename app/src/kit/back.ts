import type { Href, useRouter } from 'expo-router';

type Router = ReturnType<typeof useRouter>;

/** Goes back to the page before, or to a given place when the page was opened by its address. */
export const backOr = (router: Pick<Router, 'canGoBack' | 'back' | 'replace'>, to: Href): void =>
  router.canGoBack() ? router.back() : router.replace(to);
