/** Keeps what the student's page is made of on the device: it opens without a connection. Data is never kept here. */
const CACHE = 'hardy-sextant-1';
const FRAME = '/my';

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => cache.add(FRAME)));
  self.skipWaiting();
});
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin || url.pathname.startsWith('/api')) return;
  const isStudents = url.pathname === '/in' || url.pathname === '/my' || url.pathname.startsWith('/my/');
  if (request.mode === 'navigate') {
    if (isStudents) event.respondWith(fromNetwork(request, FRAME));
  } else if (url.pathname.startsWith('/assets/') || url.pathname === '/mark.svg') event.respondWith(fromCache(request));
});

/** The newest where there is a connection; the last one where there is none. */
async function fromNetwork(request, name) {
  const cache = await caches.open(CACHE);
  try {
    const answer = await fetch(request);
    if (answer.ok) await cache.put(name, answer.clone());
    return answer;
  } catch {
    return (await cache.match(name)) ?? Response.error();
  }
}

/** Files whose name says what is in them never change. */
async function fromCache(request) {
  const cache = await caches.open(CACHE);
  const known = await cache.match(request);
  if (known) return known;
  const answer = await fetch(request);
  if (answer.ok) await cache.put(request, answer.clone());
  return answer;
}
