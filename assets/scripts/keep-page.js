// Keeps the page at hand with all that belongs to it on this device, so that it opens without a connection.

export function keepPage() {
  if (!("serviceWorker" in navigator)) {
    return;
  }
  navigator.serviceWorker
    .register("/frame-worker.js")
    .then(() => navigator.serviceWorker.ready)
    .then(({ active }) => {
      const parts = performance.getEntriesByType("resource").map(({ name }) => name);
      active?.postMessage({ keep: [window.location.href, ...parts] });
    })
    .catch(() => {});
}
