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

/*
 * Keeps the whole application on the device, so that every page opens without the server. A newer one waits until
 * the page asks it to take over; data of the shop is none of its business.
 */
setCacheNameDetails({ prefix: 'pike-stone' });
addEventListener('message', ({ data }: MessageEvent<{ readonly type?: string } | null>) => {
  if (data?.type === 'SKIP_WAITING') void skipWaiting();
});
precacheAndRoute(FILES);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }));
