/// <reference lib="webworker" />
import { ExpirationPlugin } from 'workbox-expiration';
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute, setCatchHandler } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';
import { isKept, keyOf, PICTURE, mayBeKept } from '@/offline/kept-pages';

declare const self: ServiceWorkerGlobalScope;

/**
 * Lets the run sheet and the survey of a job be opened without a network: the program itself is kept in the browser, and each of these pages
 * as it was last seen. What is written meanwhile waits in the outbox, not here.
 */
const manifest = self.__WB_MANIFEST;
// A page that was kept needs the program it came with.
const build = manifest.flatMap((one) => (typeof one === 'string' ? [] : [one])).find((one) => /\/app-[^/]*\.js$/.test(one.url))?.url ?? '';
const PAGES = `geodex-pages${build}`;
const PICTURES = 'geodex-pictures';

precacheAndRoute(manifest);
cleanupOutdatedCaches();
void self.skipWaiting();
self.addEventListener('activate', (event) => event.waitUntil(Promise.all([self.clients.claim(), forget((name) => name !== PAGES)])));

const pages = new NetworkFirst({
    cacheName: PAGES,
    matchOptions: { ignoreVary: true },
    plugins: [
        {
            cacheKeyWillBeUsed: ({ request }) => Promise.resolve(keyOf(request)),
            cacheWillUpdate: ({ response }) => Promise.resolve(mayBeKept(response) ? response : null),
            // A server whose database is gone is as good as none.
            fetchDidSucceed: ({ response }) =>
                response.status >= 500 ? Promise.reject(new Error('The server fails.')) : Promise.resolve(response),
        },
        new ExpirationPlugin({ maxEntries: 60 }),
    ],
});
registerRoute(({ url, request }) => isKept(url.pathname) && (request.mode === 'navigate' || request.headers.has('X-Inertia')), pages);
registerRoute(
    ({ url }) => PICTURE.test(url.pathname),
    new CacheFirst({ cacheName: PICTURES, plugins: [new ExpirationPlugin({ maxEntries: 100 })] }),
);

setCatchHandler(async ({ request }) =>
    request.mode === 'navigate' ? ((await matchPrecache('/offline.html')) ?? Response.error()) : Response.error(),
);

// Who logs out, or in, leaves nothing of what was seen before.
for (const door of ['/login', '/logout'])
    registerRoute(
        door,
        async ({ request }) => {
            await forget(() => true);
            return fetch(request);
        },
        'POST',
    );

async function forget(which: (name: string) => boolean): Promise<void> {
    const names = await caches.keys();
    await Promise.all(names.filter((name) => /^geodex-(pages|pictures)/.test(name) && which(name)).map((name) => caches.delete(name)));
}

/** Pages that somebody will need without a network, asked for ahead. */
self.addEventListener('message', (event: ExtendableMessageEvent) => {
    const asked = event.data as { keep?: string[]; version?: string | null } | null;
    if (!Array.isArray(asked?.keep)) return;
    const headers = [
        { Accept: 'text/html' },
        {
            Accept: 'application/json',
            'X-Inertia': 'true',
            'X-Requested-With': 'XMLHttpRequest',
            ...(asked.version && { 'X-Inertia-Version': asked.version }),
        },
    ];
    event.waitUntil(
        Promise.all(
            asked.keep.flatMap((url) => headers.map((one) => keep(new Request(url, { headers: one, credentials: 'same-origin' })))),
        ),
    );
});

async function keep(request: Request): Promise<void> {
    try {
        const response = await fetch(request);
        if (mayBeKept(response)) await (await caches.open(PAGES)).put(keyOf(request), response);
    } catch {
        // Kept when it is opened the next time.
    }
}
