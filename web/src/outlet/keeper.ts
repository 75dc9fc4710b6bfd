/// <reference lib="webworker" />

/*
 * A service worker for outlet pages: it keeps the last page of each link, with the faces, pictures and scripts that it
 * needs. A source that is opened while the server is away then shows what viewers saw last; the page itself goes on
 * trying to connect. As long as the server answers, everything comes from the server.
 */
declare const self: ServiceWorkerGlobalScope;

const PAGES = "brandeon-pages";
const FILES = "brandeon-files";
/** Named by their content, so that a kept copy is always right. */
const FOR_EVER = /^\/(assets|fonts|painted|pictures)\//;
/** Scripts, pictures, and the faces that the page lists for its own script. */
const NEEDED = /"(\/(?:assets|fonts|painted)\/[^"]+)"/g;
const MOST_FILES = 400;

/** What a page says when its picture has changed. */
export interface Changed {
  keep: string;
}

self.addEventListener("install", () => void self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

self.addEventListener("fetch", (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== "GET" || url.origin !== self.location.origin) return;
  if (event.request.mode === "navigate") event.respondWith(page(url.pathname, event.request));
  else if (FOR_EVER.test(url.pathname)) event.respondWith(file(event.request));
});

self.addEventListener("message", (event) => {
  event.waitUntil(keep((event.data as Changed).keep).catch(() => undefined));
});

/** The page of this moment with everything that it asks for at once. */
async function keep(path: string): Promise<void> {
  const answer = await fetch(new Request(path, { headers: { Accept: "text/html" } }));
  const kept = await caches.open(PAGES);
  if (answer.ok) {
    const text = await answer.clone().text();
    await Promise.all([...text.matchAll(NEEDED)].map(([, address]) => file(new Request(address as string))));
    // Last: a page without its letters must not take the place of a whole one.
    await kept.put(path, answer);
  } else if (answer.status < 500) await kept.delete(path);
}

/** A link that was withdrawn answers so, and what was kept of it goes. */
async function page(path: string, request: Request): Promise<Response> {
  const kept = await caches.open(PAGES);
  try {
    const answer = await fetch(request);
    if (answer.ok) await kept.put(path, answer.clone());
    else if (answer.status < 500) await kept.delete(path);
    else return (await kept.match(path)) ?? answer;
    return answer;
  } catch (error) {
    const last = await kept.match(path);
    if (last) return last;
    throw error;
  }
}

async function file(request: Request): Promise<Response> {
  const files = await caches.open(FILES);
  // The same bytes for whoever asks, so that it does not matter which origin a kept answer was for.
  const known = await files.match(request, { ignoreVary: true });
  if (known) return known;
  const answer = await fetch(request);
  if (answer.ok) {
    await files.put(request, answer.clone());
    const keys = await files.keys();
    // The oldest come first.
    await Promise.all(keys.slice(0, Math.max(0, keys.length - MOST_FILES)).map((key) => files.delete(key)));
  }
  return answer;
}
