// A place of the top by tapping it on its drawing: it is written into the two fields beside it, which is all there is
// without scripts.
const millimetresOf = { in: 25.4, cm: 10 };

/** Whole quarters of an inch, or half centimetres: finer nobody taps. @param {number} millimetres @param {"in"|"cm"} units */
export function placed(millimetres, units) {
  const steps = units === "in" ? 4 : 2;
  const size = Math.round((Math.max(0, millimetres) / millimetresOf[units]) * steps) / steps;
  return `${size} ${units}`;
}

/** @param {HTMLElement} frame */
function watch(frame) {
  const drawing = /** @type {SVGSVGElement} */ (frame.querySelector("svg"));
  const top = drawing.querySelector("#marked-top");
  const across = /** @type {HTMLInputElement|null} */ (document.querySelector("[data-mark-across]"));
  const along = /** @type {HTMLInputElement|null} */ (document.querySelector("[data-mark-along]"));
  const units = frame.dataset.units === "cm" ? "cm" : "in";
  if (!(top instanceof SVGGraphicsElement) || !across || !along) {
    return;
  }
  const size = top.getBBox();
  const cross = document.createElementNS("http://www.w3.org/2000/svg", "circle");
  cross.setAttribute("class", "mark-new");
  cross.setAttribute("r", String(size.width / 40));
  frame.classList.add("mark-tap");
  drawing.addEventListener("click", (event) => {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing.getScreenCTM()?.inverse());
    const x = Math.min(size.width, Math.max(0, at.x));
    const y = Math.min(size.height, Math.max(0, at.y));
    across.value = placed(x, units);
    along.value = placed(y, units);
    for (const field of [across, along]) {
      field.dispatchEvent(new Event("input", { bubbles: true }));
    }
    cross.setAttribute("cx", String(x));
    cross.setAttribute("cy", String(y));
    drawing.append(cross);
    const kind = document.querySelector("[data-mark-form] select");
    if (kind instanceof HTMLSelectElement) {
      kind.focus({ preventScroll: true });
    }
  });
}

if (typeof document !== "undefined") {
  for (const frame of document.querySelectorAll("[data-mark-bed]")) {
    watch(/** @type {HTMLElement} */ (frame));
  }
}
