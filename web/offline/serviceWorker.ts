import { clientsClaim } from 'workbox-core';
import { ExpirationPlugin } from 'workbox-expiration';
import { createHandlerBoundToURL, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { ANSWERS, keptUnder, mayBeKept } from '../saving/onDevice.ts';

/** The part of a service worker that is used here. */
declare const self: {
  readonly __WB_MANIFEST: readonly PrecacheEntry[];
  skipWaiting(): Promise<void>;
  addEventListener(type: 'message', listen: (event: { readonly data: unknown }) => void): void;
};

/** A network that has not answered by then is taken for none. */
const PATIENCE_SECONDS = 5;
/** Answers that are kept; the oldest goes first. */
const MOST_ANSWERS = 400;

// The first page of a device is looked after at once, without being opened again.
clientsClaim();
// Everything the application is made of, from its build.
precacheAndRoute([...self.__WB_MANIFEST]);

const shell = createHandlerBoundToURL('/shell');

/** A page comes from the server while that answers: it holds who is here. Without it the same application opens. */
registerRoute(
  ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api/'),
  async (options) => {
    const { request } = options;
    try {
      const page = await fetch(request, { signal: AbortSignal.timeout(PATIENCE_SECONDS * 1000) });
      if (page.status < 500) return page;
    } catch {
      // There is no network, or as good as none.
    }
    return shell(options);
  },
);

registerRoute(
  ({ request, url, sameOrigin }) => sameOrigin && request.method === 'GET' && mayBeKept(url.pathname),
  new NetworkFirst({
    cacheName: ANSWERS,
    networkTimeoutSeconds: PATIENCE_SECONDS,
    plugins: [
      new ExpirationPlugin({ maxEntries: MOST_ANSWERS }),
      {
        cacheKeyWillBeUsed: ({ request }) => Promise.resolve(keptUnder(request.url)),
        // A server that is away behind its proxy is as good as none.
        fetchDidSucceed: ({ response }) =>
          response.status < 500 ? Promise.resolve(response) : Promise.reject(new Error('The server is away.')),
        cacheWillUpdate: ({ response }) => Promise.resolve(response.status === 200 ? response : null),
      },
    ],
  }),
);

self.addEventListener('message', ({ data }) => {
  if (data === 'take over') void self.skipWaiting();
});
