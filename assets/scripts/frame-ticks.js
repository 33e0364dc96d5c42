// What is ticked within a step stays ticked on this device, over a reload and the tablet's sleep.

/** @param {HTMLElement} root */
export function watchTicks(root) {
  const place = `schwung:ticks:${root.dataset.run ?? ""}`;
  /** @type {Record<string, number[]>} */
  const ticked = JSON.parse(localStorage.getItem(place) ?? "{}");
  const boxes = /** @type {NodeListOf<HTMLInputElement>} */ (root.querySelectorAll("[data-ticks]"));
  const step = (/** @type {HTMLElement} */ box) =>
    /** @type {HTMLElement} */ (box.closest("[data-step]")).dataset.step ?? "";
  for (const box of boxes) {
    box.checked = (ticked[step(box)] ?? []).includes(Number(box.dataset.ticks));
  }
  root.addEventListener("change", (event) => {
    const box = /** @type {HTMLInputElement} */ (event.target);
    if (!box.matches("[data-ticks]")) {
      return;
    }
    const others = (ticked[step(box)] ?? []).filter((one) => one !== Number(box.dataset.ticks));
    ticked[step(box)] = box.checked ? [...others, Number(box.dataset.ticks)] : others;
    localStorage.setItem(place, JSON.stringify(ticked));
    // Touched, a box does not keep the keys and the pedal for itself.
    root.focus();
  });
}
