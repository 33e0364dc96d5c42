// Lets the bench, the measuring page and the page at the frame be opened again while the server does not answer: what
// was fetched last is shown then.
const shelf = "schwung-frame";
const isKept = (/** @type {URL} */ url) =>
  /^\/quilts\/[^/]+\/(frame|tape)$/.test(url.pathname) ||
  (url.pathname === "/" && url.search === "") ||
  url.pathname.startsWith("/build/");

self.addEventListener("install", (event) => {
  // Where the browser knows how, every other page goes to the server without waiting for this worker to wake.
  event
    .addRoutes?.({
      condition: {
        not: {
          or: [
            { urlPattern: "/quilts/*/frame" },
            { urlPattern: "/quilts/*/tape" },
            { urlPattern: "/" },
            { urlPattern: "/build/*" },
          ],
        },
      },
      source: "network",
    })
    .catch(() => {});
  self.skipWaiting();
});
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));
self.addEventListener("fetch", (event) => {
  const { request } = event;
  // A fragment of a page is no page.
  if (request.method === "GET" && !request.headers.has("HX-Request") && isKept(new URL(request.url))) {
    event.respondWith(fromServer(request));
  }
});

// The visit that brings this worker goes past it: what the page is made of is named by the page, and kept now.
self.addEventListener("message", (event) => {
  const kept = /** @type {string[]} */ (event.data.keep ?? []).filter((url) => isKept(new URL(url)));
  event.waitUntil(Promise.allSettled(kept.map((url) => fromServer(new Request(url)))));
});

/** The measuring page is the same whichever measure is asked for. @param {string} address */
const place = (address) => (new URL(address).pathname.endsWith("/tape") ? address.split("?")[0] : address);

/** @param {Request} request */
async function fromServer(request) {
  const cache = await caches.open(shelf);
  try {
    const answer = await fetch(request, { signal: AbortSignal.timeout(10_000) });
    if (answer.ok && !answer.redirected) {
      await cache.put(place(request.url), answer.clone());
    }
    return answer.status >= 500 ? ((await cache.match(place(request.url))) ?? answer) : answer;
  } catch (error) {
    const kept = await cache.match(place(request.url), { ignoreVary: true });
    if (kept) {
      return kept;
    }
    throw error;
  }
}
