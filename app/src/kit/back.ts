import type { Href, useRouter } from 'expo-router';

type Router = ReturnType<typeof useRouter>;

/** Back to where one came from, or to a place when the page was opened by its address. */
export const backOr = (router: Pick<Router, 'canGoBack' | 'back' | 'replace'>, to: Href): void =>
  router.canGoBack() ? router.back() : router.replace(to);
