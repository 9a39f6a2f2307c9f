// Opens the app when the server is away: everything that was built is held here, page by page of it by one name.
// What the shop keeps is not: that is the outbox's. A new version is offered, and waits until it is taken or no page
// of the old one is open.
const VERSION = __VERSION__;
const FILES = __FILES__;
const HELD = `anello-${VERSION}`;
/** A server that has not answered by then is away, ms. */
const PATIENCE = 4000;

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(HELD).then((held) => held.addAll(FILES)));
});

self.addEventListener('activate', (event) => {
  const others = async () => {
    for (const name of await caches.keys()) if (name !== HELD) await caches.delete(name);
    await self.clients.claim();
  };
  event.waitUntil(others());
});

// Somebody has said so: this one takes over at once.
self.addEventListener('message', ({ data }) => {
  if (data === 'take') void self.skipWaiting();
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== location.origin || url.pathname.startsWith('/api/')) return;
  if (request.mode === 'navigate') event.respondWith(page(request));
  else event.respondWith(caches.match(request).then((held) => held ?? fetch(request)));
});

/** Any place of the app is its one page. */
async function page(request) {
  try {
    return await fetch(request, { signal: AbortSignal.timeout(PATIENCE) });
  } catch {
    return (await caches.match('/')) ?? Response.error();
  }
}
