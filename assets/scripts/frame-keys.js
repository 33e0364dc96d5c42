// The keys of the page at the frame, and foot pedals, which send keys. What a key does is learnt and kept on this
// device.

const kept = "schwung-keys";
const usual = { next: " ", back: "ArrowLeft", reading: "r", problem: "p" };
/** @type {Record<string, string>} */
const also = { ArrowRight: "next", PageDown: "next", PageUp: "back" };

/**
 * @param {HTMLElement} root
 * @param {Record<string, () => void>} actions by what a key does
 */
export function watchKeys(root, actions) {
  /** @type {Record<string, string>} */
  let keys = { ...usual, ...JSON.parse(localStorage.getItem(kept) ?? "{}") };
  let learning = "";

  function show() {
    for (const place of root.querySelectorAll("[data-key-of]")) {
      const key = keys[place.getAttribute("data-key-of") ?? ""];
      place.textContent = key === " " ? "space" : key;
    }
    for (const button of root.querySelectorAll("[data-learns]")) {
      button.textContent = "Press a key";
    }
  }

  root.addEventListener("click", (event) => {
    const target = /** @type {HTMLElement} */ (event.target);
    const button = /** @type {HTMLElement | null} */ (target.closest("[data-learns]"));
    if (button) {
      learning = button.dataset.learns ?? "";
      button.textContent = "Press it now";
    }
  });

  document.addEventListener("keydown", (event) => {
    if (learning !== "") {
      event.preventDefault();
      keys = { ...keys, [learning]: event.key };
      localStorage.setItem(kept, JSON.stringify(keys));
      learning = "";
      show();
      return;
    }
    const target = /** @type {HTMLElement} */ (event.target);
    const isElsewhere =
      root.querySelector("dialog[open]") ||
      (event.key === " " && target.closest("button, a, summary")) ||
      target.closest("input, select, textarea");
    if (isElsewhere || event.ctrlKey || event.metaKey || event.altKey || event.repeat) {
      return;
    }
    const pressed = event.key.toLowerCase();
    const does = Object.keys(keys).find((name) => keys[name].toLowerCase() === pressed);
    const action = actions[does ?? also[event.key] ?? ""];
    if (action) {
      event.preventDefault();
      action();
    }
  });

  show();
}
