// Keeps the bench and the measuring page on this device, so that they open without a connection. Who has signed out
// leaves no page behind.
import { keepPage } from "./keep-page.js";

const isKept = () =>
  (window.location.pathname === "/" && window.location.search === "") ||
  /^\/quilts\/[^/]+\/tape$/.test(window.location.pathname);

if (document.body.dataset.person === "") {
  window.caches?.delete("schwung-frame").catch(() => {});
} else if (isKept()) {
  keepPage();
}
