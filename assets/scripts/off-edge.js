// How a finished quilt lies, set by pulling its edge in a drawing: up, and it curls to the front; down, and to the
// back; its middle up, and it ripples. The two fields beside it say the same in words.

const pulls = { "to-front": -34, none: 0, "to-back": 34 };
const waves = { flat: 0, rippled: 7, "not-flat": 20 };

/** @param {number} dy pixels of the drawing, down is above zero */
export const curlOf = (dy) => (dy < -12 ? "to-front" : dy > 12 ? "to-back" : "none");

/** @param {number} dy */
export const flatnessOf = (dy) => (Math.abs(dy) < 4 ? "flat" : Math.abs(dy) < 14 ? "rippled" : "not-flat");

/** The quilt from its side. @param {number} pull of both ends @param {number} wave of the middle */
export function outline(pull, wave) {
  const points = [];
  for (let x = 0; x <= 300; x += 5) {
    const toEnd = Math.max(0, Math.abs(x - 150) - 90) / 60;
    const inside = 1 - toEnd;
    points.push(`${x + 20},${(70 + pull * toEnd ** 2 + inside * wave * Math.sin(x / 14)).toFixed(1)}`);
  }
  return points.join(" ");
}

/** @param {SVGSVGElement} drawing */
function watch(drawing) {
  const flatness = /** @type {HTMLSelectElement | null} */ (document.querySelector("[data-flatness]"));
  const curl = /** @type {HTMLSelectElement | null} */ (document.querySelector("[data-curl]"));
  const line = drawing.querySelector("polyline");
  if (!flatness || !curl || !line) {
    return;
  }
  const handles = /** @type {SVGElement[]} */ ([...drawing.querySelectorAll("[data-pull]")]);
  /** @param {HTMLSelectElement} field @param {string} word */
  const set = (field, word) => {
    if (field.value !== word) {
      field.value = word;
      field.dispatchEvent(new Event("input", { bubbles: true }));
    }
    show();
  };
  function show() {
    const pull = pulls[/** @type {keyof pulls} */ (curl?.value)] ?? 0;
    const wave = waves[/** @type {keyof waves} */ (flatness?.value)] ?? 0;
    line?.setAttribute("points", outline(pull, wave));
    for (const handle of handles) {
      const isEdge = handle.dataset.pull === "curl";
      handle.setAttribute("cy", String(70 + (isEdge ? pull : -wave)));
      const field = isEdge ? curl : flatness;
      handle.setAttribute("aria-valuetext", field?.selectedOptions[0]?.textContent?.trim() ?? "");
      handle.setAttribute("aria-valuenow", String(field?.selectedIndex ?? 0));
    }
  }
  for (const handle of handles) {
    const isEdge = handle.dataset.pull === "curl";
    /** @type {number | null} */
    let from = null;
    handle.addEventListener("pointerdown", (event) => {
      from = event.clientY;
      handle.setPointerCapture(event.pointerId);
      event.preventDefault();
    });
    handle.addEventListener("pointermove", (event) => {
      if (from !== null) {
        const scale = drawing.viewBox.baseVal.height / drawing.getBoundingClientRect().height;
        const dy = (event.clientY - from) * scale;
        if (isEdge) {
          set(curl, curlOf(dy));
        } else {
          set(flatness, flatnessOf(dy));
        }
      }
    });
    handle.addEventListener("pointerup", () => {
      from = null;
    });
    handle.addEventListener("keydown", (event) => {
      const by = { ArrowUp: -1, ArrowLeft: -1, ArrowDown: 1, ArrowRight: 1 }[event.key];
      if (by !== undefined) {
        event.preventDefault();
        const words = isEdge ? Object.keys(pulls) : Object.keys(waves);
        const field = isEdge ? curl : flatness;
        const at = words.indexOf(field.value);
        set(field, words[Math.max(0, Math.min(words.length - 1, at + by))]);
      }
    });
  }
  flatness.addEventListener("change", show);
  curl.addEventListener("change", show);
  drawing.removeAttribute("hidden");
  show();
}

if (typeof document !== "undefined") {
  const drawing = document.querySelector("[data-off-edge]");
  if (drawing) {
    watch(/** @type {SVGSVGElement} */ (drawing));
  }
}
