import {
  CacheFirst,
  ExpirationPlugin,
  NetworkOnly,
  Serwist,
  type PrecacheEntry,
  type SerwistGlobalConfig,
} from 'serwist'
import { PICTURE_CACHE } from '../ui/shared/pictureCache'

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined
  }
}
declare const self: ServiceWorkerGlobalScope

/** Serves the walk and what it is built of from the phone, and pictures that were seen or fetched ahead. What is known of
 * a site lives in IndexedDB. */
const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  skipWaiting: true,
  clientsClaim: true,
  navigationPreload: false,
  precacheOptions: { cleanupOutdatedCaches: true },
  // What needs a network says so in the app, not in the browser's own words.
  fallbacks: { entries: [{ url: '/walk', matcher: ({ request }) => request.mode === 'navigate' }] },
  runtimeCaching: [
    {
      matcher: ({ request, url, sameOrigin }) =>
        sameOrigin && request.mode === 'navigate' && !/^\/(?:walk|for|api)\b/.test(url.pathname),
      handler: new NetworkOnly(),
    },
    {
      matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/api/photos/'),
      method: 'GET',
      // Named by the hash of its bytes, a picture never changes.
      handler: new CacheFirst({
        cacheName: PICTURE_CACHE,
        plugins: [new ExpirationPlugin({ maxEntries: 400, purgeOnQuotaError: true })],
      }),
    },
  ],
})
serwist.addEventListeners()
// A page that was on its way while this began belongs to nobody until it asks.
self.addEventListener('message', (event) => {
  if (event.data === 'claim') event.waitUntil(self.clients.claim())
})
