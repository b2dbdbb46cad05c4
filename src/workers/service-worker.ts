/// <reference lib="webworker" />
import {
  CacheFirst,
  ExpirationPlugin,
  NetworkOnly,
  type PrecacheEntry,
  Serwist,
  type SerwistGlobalConfig,
} from 'serwist';
import { keepShared } from './keep-shared';

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined;
  }
}
declare const self: ServiceWorkerGlobalScope;

const SHELL = '/away';
const SHARE = '/share';
const SHELL_CACHE = 'farvin-shell';
/** Pictures of lots taken along and of pages opened; emptied when somebody signs out. */
const PICTURES = 'farvin-pictures';
/** A network that takes longer than this to bring a page counts as none. */
const PAGE_WAIT_MS = 6000;
const OWN_PAGES = /^\/(yard|device|share|lots\/[0-9a-f-]{36}(\/\w+)?)$/;

/** The page that shows lots from this device's memory; its scripts are in the precache. */
async function shell(): Promise<Response> {
  return (await caches.match(SHELL, { cacheName: SHELL_CACHE, ignoreVary: true })) ?? Response.error();
}

async function keepShell(): Promise<void> {
  const cache = await caches.open(SHELL_CACHE);
  await cache.add(new Request(SHELL, { cache: 'reload', credentials: 'same-origin' }));
}

// A worker's script must be answered under its own address: the bundler reads its settings from the address's fragment,
// which a cached answer's address has lost.
self.addEventListener('fetch', (event) => {
  if (event.request.destination !== 'worker' && event.request.destination !== 'sharedworker') return;
  event.stopImmediatePropagation();
  event.respondWith(
    (async () => {
      const held = (await caches.match(event.request, { ignoreSearch: true })) ?? (await fetch(event.request));
      return new Response(await held.arrayBuffer(), { status: held.status, headers: held.headers });
    })(),
  );
});

// Pictures that the camera's own app hands over are on this device before anything else happens, network or not.
self.addEventListener('fetch', (event) => {
  const { pathname, origin } = new URL(event.request.url);
  if (event.request.method !== 'POST' || pathname !== SHARE || origin !== self.location.origin) return;
  event.stopImmediatePropagation();
  event.respondWith(
    (async () => {
      const given = (await event.request.formData()).getAll('pictures').filter((f) => f instanceof File);
      await keepShared(given, Date.now());
      return Response.redirect(SHARE, 303);
    })(),
  );
});

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  precacheOptions: { cleanupOutdatedCaches: true },
  skipWaiting: true,
  clientsClaim: true,
  runtimeCaching: [
    {
      matcher: ({ url, sameOrigin }) =>
        sameOrigin && /^\/api\/v1\/photos\/[0-9a-f]{64}\/(320|2048)$/.test(url.pathname),
      handler: new CacheFirst({
        cacheName: PICTURES,
        plugins: [new ExpirationPlugin({ maxEntries: 4000, purgeOnQuotaError: true })],
      }),
    },
    {
      matcher: ({ request, url, sameOrigin }) =>
        sameOrigin && request.mode === 'navigate' && OWN_PAGES.test(url.pathname),
      handler: async ({ request }) => {
        const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), PAGE_WAIT_MS));
        const network = fetch(request).catch(() => null);
        const first = await Promise.race([network, late]);
        // A server that is being restarted answers by a gateway's error page: the shell serves better.
        if (first && first.status < 500) return first;
        return shell();
      },
    },
    { matcher: ({ sameOrigin }) => sameOrigin, handler: new NetworkOnly() },
  ],
});

self.addEventListener('install', (event) => event.waitUntil(keepShell()));
self.addEventListener('message', (event) => {
  if (event.data === 'keep-shell') event.waitUntil(keepShell().catch(() => {}));
});
serwist.addEventListeners();
