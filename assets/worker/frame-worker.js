// Lets the page at the frame be opened again while the server does not answer: what was fetched last is shown then.
const shelf = "schwung-frame";
const isKept = (/** @type {URL} */ url) =>
  /^\/quilts\/[^/]+\/frame$/.test(url.pathname) || url.pathname.startsWith("/build/");

self.addEventListener("install", (event) => {
  // Where the browser knows how, every other page goes to the server without waiting for this worker to wake.
  event
    .addRoutes?.({
      condition: {
        not: { or: [{ urlPattern: "/quilts/*/frame" }, { urlPattern: "/build/*" }] },
      },
      source: "network",
    })
    .catch(() => {});
  self.skipWaiting();
});
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));
self.addEventListener("fetch", (event) => {
  const { request } = event;
  if (request.method === "GET" && isKept(new URL(request.url))) {
    event.respondWith(fromServer(request));
  }
});

// The visit that brings this worker goes past it: what the page is made of is named by the page, and kept now.
self.addEventListener("message", (event) => {
  const kept = /** @type {string[]} */ (event.data.keep ?? []).filter((url) => isKept(new URL(url)));
  event.waitUntil(Promise.allSettled(kept.map((url) => fromServer(new Request(url)))));
});

/** @param {Request} request */
async function fromServer(request) {
  const cache = await caches.open(shelf);
  try {
    const answer = await fetch(request, { signal: AbortSignal.timeout(10_000) });
    if (answer.ok && !answer.redirected) {
      await cache.put(request.url, answer.clone());
    }
    return answer.status >= 500 ? ((await cache.match(request.url)) ?? answer) : answer;
  } catch (error) {
    const kept = await cache.match(request.url, { ignoreVary: true });
    if (kept) {
      return kept;
    }
    throw error;
  }
}
