// Winds the quilt with the pass slider: dragged, by its own keys, or by left and right anywhere on the page. Without
// scripts the links beside it do the same.

let isBusy = false;
/** @type {string | null} */
let waiting = null;

/** @returns {HTMLInputElement | null} */
const slider = () => document.querySelector("input[data-winds]");

/** Asks for a pass; of those asked for meanwhile only the last is fetched. */
async function wind(/** @type {string} */ pass) {
  const source = slider();
  if (!source) {
    return;
  }
  if (isBusy) {
    waiting = pass;
    return;
  }
  isBusy = true;
  const url = new URL(window.location.href);
  url.searchParams.set("pass", pass);
  window.history.replaceState(window.history.state, "", url);
  try {
    await window.htmx.ajax("GET", url.pathname + url.search, {
      source,
      target: "#workspace",
      swap: "morph:outerHTML",
    });
  } finally {
    // However it ended: a lost connection must not hold the slider for good.
    const next = waiting;
    isBusy = false;
    waiting = null;
    if (next !== null) {
      wind(next);
    }
  }
}

for (const kind of ["input", "change"]) {
  document.addEventListener(
    kind,
    (event) => {
      const field = /** @type {HTMLInputElement} */ (event.target);
      if (field.matches("input[data-winds]")) {
        // The form would take it for a change of the quilt.
        event.stopPropagation();
        if (kind === "input") {
          wind(field.value);
        }
      }
    },
    true,
  );
}

document.addEventListener("keydown", (event) => {
  const field = slider();
  const isWriting = /** @type {HTMLElement} */ (event.target).closest("input, select, textarea");
  const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
  if (!field || isWriting || !step || event.altKey || event.ctrlKey || event.metaKey) {
    return;
  }
  event.preventDefault();
  field.value = String(Number(field.value) + step);
  wind(field.value);
});
