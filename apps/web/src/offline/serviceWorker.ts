import { CacheableResponsePlugin } from 'workbox-cacheable-response';
import { clientsClaim } from 'workbox-core';
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';

declare const self: ServiceWorkerGlobalScope;
/** Every file of the application that is kept, put in when it is built. */
declare const KEPT_FILES: (PrecacheEntry | string)[];

/** The team's pages open without a network: the application is kept, and the last answers about the team's own containers. */
precacheAndRoute(KEPT_FILES, { directoryIndex: null! });
cleanupOutdatedCaches();
// Pages that are open already are served too, so that joining once is enough.
clientsClaim();
self.addEventListener('message', ({ data }) => {
  if ((data as { type?: string } | null)?.type === 'SKIP_WAITING') void self.skipWaiting();
});

// Only the pages of teams are kept: a teacher's page is always the newest.
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { allowlist: [/^\/(bench|join|c)(\/|\?|$)/i] }));

const whole = new CacheableResponsePlugin({ statuses: [200] });
const PICTURES = 'bench-photos';

// Asked about each time there is a network, so that what was taken back goes from here too.
registerRoute(
  ({ url }) => /^\/api\/v1\/bench\/(photos|frames)\//.test(url.pathname),
  new NetworkFirst({
    cacheName: PICTURES,
    plugins: [
      whole,
      new ExpirationPlugin({ maxEntries: 80 }),
      {
        fetchDidSucceed: async ({ request, response }) => {
          if (response.status === 404) await (await caches.open(PICTURES)).delete(request);
          return response;
        },
      },
    ],
  }),
);
registerRoute(
  ({ url }) => /^\/api\/v1\/bench(\/(predictions|films|(conclude|investigations)(\/[0-9a-f-]+)?))?$/.test(url.pathname),
  new NetworkFirst({ cacheName: 'bench', networkTimeoutSeconds: 5, plugins: [whole] }),
);
