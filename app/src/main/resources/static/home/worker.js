// Keeps one woman's page at hand without a network. Pages come fresh where there is one; scripts and styles belong to a version, so
// that a new one never changes a practice under way: it waits until every page of the old one is closed.
const VERSION = new URL(self.location.href).searchParams.get('v') ?? '0';
const SHELL = `home-shell-${VERSION}`;
const PAGES = 'home-pages';
const PARTS = [
  '/css/home.css',
  '/js/home.js',
  '/js/figure.js',
  '/js/noted.js',
  '/js/sound.js',
  '/js/counter.js',
  '/js/timing.js',
  '/fonts/source-sans-3-latin-wght-normal.woff2',
];
const SLOWEST_PAGE_MS = 5000;

self.addEventListener('install', (event) =>
  event.waitUntil(self.caches.open(SHELL).then((shell) => shell.addAll(PARTS.map((part) => new Request(part, { cache: 'reload' }))))),
);

// A page of the old version is fetched anew, so that it never stands beside scripts of the new one.
async function renew() {
  const names = await self.caches.keys();
  await Promise.all(names.filter((name) => name.startsWith('home-shell-') && name !== SHELL).map((name) => self.caches.delete(name)));
  const pages = await self.caches.open(PAGES);
  const kept = (await pages.keys()).filter((one) => !one.url.includes('/figures/'));
  await Promise.all(kept.map((one) => pages.add(one.url).catch(() => {})));
  await self.clients.claim();
}

self.addEventListener('activate', (event) => event.waitUntil(renew()));

// What her page asks to be kept: itself, and the pictures of its exercises.
self.addEventListener('message', (event) => {
  const wanted = event.data?.keep ?? [];
  event.waitUntil(
    self.caches.open(PAGES).then((pages) =>
      Promise.all(
        wanted.map(async (address) => {
          if (address.includes('/figures/') && (await pages.match(address))) return;
          const answer = await fetch(address).catch(() => null);
          if (answer?.ok) await pages.put(address, answer);
        }),
      ),
    ),
  );
});

// A link that was closed leaves nothing behind on her phone.
async function forget(path) {
  const pages = await self.caches.open(PAGES);
  const kept = await pages.keys();
  await Promise.all(kept.filter((one) => new URL(one.url).pathname.startsWith(path)).map((one) => pages.delete(one)));
}

async function page(request) {
  const path = new URL(request.url).pathname;
  const pages = await self.caches.open(PAGES);
  const slow = new Promise((resolve, reject) => setTimeout(reject, SLOWEST_PAGE_MS));
  try {
    const answer = await Promise.race([fetch(request), slow]);
    if (answer.ok) await pages.put(path, answer.clone());
    else if (answer.status === 404) await forget(path);
    return answer;
  } catch {
    return (await pages.match(path)) ?? Response.error();
  }
}

async function kept(request, cache) {
  const all = await self.caches.open(cache);
  const known = await all.match(request, { ignoreVary: true });
  if (known) return known;
  const answer = await fetch(request);
  if (answer.ok) await all.put(request, answer.clone());
  return answer;
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const path = new URL(request.url).pathname;
  if (request.method !== 'GET' || new URL(request.url).origin !== self.location.origin) return;
  if (request.mode === 'navigate') event.respondWith(page(request));
  else if (path.includes('/figures/')) event.respondWith(kept(request, PAGES));
  else if (PARTS.includes(path)) event.respondWith(kept(request, SHELL));
});
