// After a part of the page was swapped, focus stands where it stood: in the field of the same name, or on the button
// that says the same. Escape leaves what is only tried on.

/** @type {{id: string, name: string, says: string} | null} */
let was = null;

/** @param {Element} element */
const says = (element) => (element.getAttribute("aria-label") ?? element.textContent ?? "").trim();

document.addEventListener("htmx:beforeSwap", () => {
  const active = document.activeElement;
  was =
    active && active !== document.body
      ? { id: active.id, name: active.getAttribute("name") ?? "", says: says(active) }
      : null;
});

document.addEventListener("htmx:afterSettle", () => {
  // A question is brought into sight, wherever on the page it was raised.
  const asks = document.querySelector("[data-asks]");
  const place = asks?.getBoundingClientRect();
  if (asks && place && (place.top < 0 || place.bottom > window.innerHeight)) {
    asks.scrollIntoView({ block: "start" });
  }
  const active = document.activeElement;
  if (was === null || (active && active !== document.body)) {
    return;
  }
  const { id, name, says: said } = was;
  const found =
    (id && document.getElementById(id)) ||
    (name && document.querySelector(`main [name="${CSS.escape(name)}"]`)) ||
    [...document.querySelectorAll("main a, main button, main summary")].find(
      (one) => said !== "" && says(one) === said,
    ) ||
    document.querySelector("[data-focus]");
  if (found instanceof HTMLElement) {
    found.focus({ preventScroll: true });
  }
});

document.addEventListener("keydown", (event) => {
  const back = /** @type {HTMLElement | null} */ (document.querySelector("[data-escape]"));
  if (event.key === "Escape" && back && !document.querySelector("dialog[open]")) {
    event.preventDefault();
    back.click();
  }
});
