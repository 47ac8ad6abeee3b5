import { setCacheNameDetails } from 'workbox-core';
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  precacheAndRoute,
  type PrecacheEntry,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/** Every file of the application, named by the build. */
declare const FILES: PrecacheEntry[];
declare function skipWaiting(): Promise<void>;
/** The newer part of the event, which not every browser has. */
interface InstallEvent extends Event {
  addRoutes?(rule: {
    readonly condition: { readonly urlPattern: { readonly pathname: string } };
    readonly source: 'network';
  }): Promise<void>;
}

/*
 * Keeps the whole application on the device, so that every page opens without the server. A newer one waits until
 * the page asks it to take over; data of the shop is none of its business.
 */
setCacheNameDetails({ prefix: 'pike-stone' });
addEventListener('message', ({ data }: MessageEvent<{ readonly type?: string } | null>) => {
  if (data?.type === 'SKIP_WAITING') void skipWaiting();
});
/*
 * What is asked of the shop's computer never goes by this worker, where a browser lets it say so: it need not be
 * woken for it, and one that is woken just then would keep a newer one from taking over.
 */
addEventListener('install', (event) =>
  (event as InstallEvent).addRoutes?.({
    condition: { urlPattern: { pathname: '/api/*' } },
    source: 'network',
  }),
);
precacheAndRoute(FILES);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }));
