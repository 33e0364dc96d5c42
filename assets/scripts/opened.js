// What somebody opened to read stays open, and closed what she closed, while its figures change, come and go. The answer
// to a change leaves out what was closed; it is fetched once it is opened.

/** What it is called that can be opened. */
function nameOf(/** @type {HTMLDetailsElement} */ details) {
  const summary = details.querySelector("summary");
  return (summary?.firstElementChild ?? summary)?.textContent?.trim() ?? "";
}

/** What can be opened to be read, by what it is called; of several that are called alike, by which of them it is. */
function openable() {
  const met = /** @type {Map<string, number>} */ (new Map());
  const all = /** @type {NodeListOf<HTMLDetailsElement>} */ (document.querySelectorAll("#workspace details"));
  return Array.from(all, (details) => {
    const name = nameOf(details);
    met.set(name, (met.get(name) ?? 0) + 1);
    return /** @type {[string, HTMLDetailsElement]} */ ([`${name} ${met.get(name)}`, details]);
  });
}

const allOpen = () =>
  /** @type {HTMLDetailsElement[]} */ (Array.from(document.querySelectorAll("#workspace details[open]")));

const opened = /** @type {Map<string, boolean>} */ (new Map());

// What the last change asked to be told of.
let asked = /** @type {Set<string>} */ (new Set());

/** Says with a change what is open, so that the answer tells of that and of nothing that is closed. */
function sayWhatIsOpen(/** @type {Event} */ event) {
  const { verb, target, parameters } = /** @type {CustomEvent} */ (event).detail;
  if (verb === "post" && target?.id === "workspace") {
    asked = new Set(allOpen().map(nameOf));
    parameters.opened = [...asked].join("\n");
  }
}

/**
 * The form is sent once more, as it is, where something is open that the last answer left out, or where it took a part
 * for shown that was not any more.
 */
function fetchLeftOut() {
  const form = document.getElementById("sheet");
  const isLeftOut = allOpen().some(
    (details) => details.querySelector(":scope > [data-left-out]") && !asked.has(nameOf(details)),
  );
  if (form && (isLeftOut || document.querySelector("[data-shown]"))) {
    window.htmx.trigger(form, "resend");
  }
}

document.addEventListener("htmx:configRequest", sayWhatIsOpen);
document.addEventListener("htmx:beforeSwap", () => {
  for (const [name, details] of openable()) {
    opened.set(name, details.open);
  }
});
document.addEventListener("htmx:afterSwap", () => {
  for (const [name, details] of openable()) {
    details.open = opened.get(name) ?? details.open;
  }
});
// Once the answer is done with: a request sent from within it would not be replaced by the next.
document.addEventListener("htmx:afterSettle", () => window.setTimeout(fetchLeftOut));
// Opening is told to what opens alone, and to nothing around it.
document.addEventListener("toggle", fetchLeftOut, true);
