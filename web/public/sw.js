/*
 * Keeps the page and its files at hand, so that the bench opens and goes on without network. It
 * never answers for the API: what is told there waits in the page's own queue.
 */
const KEPT = 'brisk-measure-page-1';
/** A server that answers later than this is silent, and the page is shown as it was kept. */
const MOST_MS = 1500;
const HASHED = /^\/static\/assets\/.+-[\w-]{8}\.\w+$/;

self.addEventListener('install', () => self.skipWaiting());

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/** The page says which files it was made of; those of an older build go. */
self.addEventListener('message', (event) => {
  const files = event.data?.keep;
  if (Array.isArray(files)) event.waitUntil(keep(files));
});

async function keep(files) {
  const cache = await caches.open(KEPT);
  for (const file of files) if (!(await cache.match(file))) await cache.add(file);
  const wanted = new Set(files.map((file) => new URL(file, self.location.origin).pathname));
  for (const request of await cache.keys())
    if (!wanted.has(new URL(request.url).pathname)) await cache.delete(request);
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (HASHED.test(url.pathname)) event.respondWith(fromCache(request));
  else if (request.mode === 'navigate') event.respondWith(page(request));
});

async function fromCache(request) {
  return (await caches.match(request)) ?? fetch(request);
}

/** The page as the server has it; without network, as it was kept. */
async function page(request) {
  try {
    const answer = await fetch(request, { signal: AbortSignal.timeout(MOST_MS) });
    if (answer.status >= 500) throw new TypeError('The server fails.');
    if (answer.ok && !answer.redirected) await (await caches.open(KEPT)).put('/', answer.clone());
    return answer;
  } catch (error) {
    const kept = await caches.match('/');
    if (kept) return kept;
    throw error;
  }
}
