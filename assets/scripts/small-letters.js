// On a phone a drawing has a scale of its own: its letters grow until they can be read, and of those that would then
// meet the lesser is left out.

const least = 11;
const apart = 4;
const phone = window.matchMedia("(max-width: 48rem)");

/** @param {DOMRect} one @param {DOMRect} other */
const meet = (one, other) =>
  one.left < other.right + apart && other.left < one.right + apart && one.top < other.bottom && other.top < one.bottom;

/** @param {SVGSVGElement} drawing */
function enlarge(drawing) {
  const wide = drawing.getBoundingClientRect().width;
  if (wide === 0 || drawing.viewBox.baseVal.width === 0) {
    return;
  }
  const scale = wide / drawing.viewBox.baseVal.width;
  const texts = /** @type {SVGTextElement[]} */ ([...drawing.querySelectorAll("text[font-size]")]);
  for (const text of texts) {
    text.dataset.size ??= text.getAttribute("font-size") ?? "";
    const size = Number(text.dataset.size);
    text.setAttribute("font-size", String(phone.matches && size * scale < least ? least / scale : size));
    text.removeAttribute("visibility");
  }
  if (!phone.matches) {
    return;
  }
  // What is strong or has a halo says something of this quilt; a ruler has more figures than are needed.
  const rank = (/** @type {SVGTextElement} */ text) => (/strong|halo/.test(text.getAttribute("class") ?? "") ? 0 : 1);
  /** @type {DOMRect[]} */
  const kept = [];
  for (const text of [...texts].sort((one, other) => rank(one) - rank(other))) {
    const place = text.getBoundingClientRect();
    if (rank(text) === 1 && kept.some((other) => meet(place, other))) {
      text.setAttribute("visibility", "hidden");
    } else {
      kept.push(place);
    }
  }
}

function enlargeAll() {
  for (const drawing of document.querySelectorAll("svg.bed, svg.plain-drawing")) {
    enlarge(/** @type {SVGSVGElement} */ (drawing));
  }
}

if (phone.matches) {
  enlargeAll();
}
phone.addEventListener("change", enlargeAll);
document.addEventListener("htmx:afterSettle", () => {
  if (phone.matches) {
    enlargeAll();
  }
});
document.addEventListener(
  "toggle",
  () => {
    if (phone.matches) {
      enlargeAll();
    }
  },
  true,
);
