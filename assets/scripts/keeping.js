// Keeps the bench and the measuring page on this device, so that they open without a connection. Who has signed out
// leaves no page behind.

const isKept = () =>
  (window.location.pathname === "/" && window.location.search === "") ||
  /^\/quilts\/[^/]+\/tape$/.test(window.location.pathname);

if (document.body.dataset.person === "") {
  window.caches?.delete("schwung-frame").catch(() => {});
} else if ("serviceWorker" in navigator && isKept()) {
  navigator.serviceWorker
    .register("/frame-worker.js")
    .then(() => navigator.serviceWorker.ready)
    .then(({ active }) => {
      const parts = performance.getEntriesByType("resource").map(({ name }) => name);
      active?.postMessage({ keep: [window.location.href, ...parts] });
    })
    .catch(() => {});
}
