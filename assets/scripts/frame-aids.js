// For eyes and ears at the frame: large type for three metres, and the browser's own voice. Off until turned on; this
// device remembers.

const kept = "schwung-aids";
const units = /** @type {Record<string, string>} */ ({ in: "inches", cm: "centimetres", mm: "millimetres" });

/**
 * What is said of a step: its number, what to do, and what to look at, with the units in full.
 * @param {{heading: string, text: string, figure: string, look: string}} step
 */
export function spoken({ heading, text, figure, look }) {
  return [heading, text, figure, look === "" || look.startsWith("Look") ? look : `Look: ${look}`]
    .map((part) => part.replace(/\s+/g, " ").trim())
    .filter((part) => part !== "")
    .map((part) => (/[.!?]$/.test(part) ? part : `${part}.`))
    .join(" ")
    .replace(/([\d½¼¾⅛⅜⅝⅞]) (in|cm|mm)(?![a-z])/g, (_, number, unit) => `${number} ${units[unit]}`)
    .replace(/−/g, "minus ");
}

/** @param {HTMLElement} root */
export function watchAids(root) {
  /** @type {Record<string, boolean>} */
  let aids = JSON.parse(localStorage.getItem(kept) ?? "{}");
  let told = "";

  function show() {
    root.classList.toggle("frame-large", aids.large === true);
    for (const box of /** @type {NodeListOf<HTMLInputElement>} */ (root.querySelectorAll("[data-aid]"))) {
      box.checked = aids[box.dataset.aid ?? ""] === true;
    }
  }

  /** @param {HTMLElement} section */
  function tell(section) {
    const part = (/** @type {string} */ selector) => section.querySelector(selector)?.textContent ?? "";
    window.speechSynthesis?.cancel();
    window.speechSynthesis?.speak(
      new SpeechSynthesisUtterance(
        spoken({
          heading: part(".frame-heading").replace(/·.*/s, ""),
          text: part("h1"),
          figure: part(".frame-figure"),
          look: part(".frame-look dd"),
        }),
      ),
    );
  }

  root.addEventListener("change", (event) => {
    const box = /** @type {HTMLInputElement} */ (event.target);
    if (box.dataset.aid) {
      aids = { ...aids, [box.dataset.aid]: box.checked };
      localStorage.setItem(kept, JSON.stringify(aids));
      told = "";
      if (!aids.aloud) {
        window.speechSynthesis?.cancel();
      }
      show();
    }
  });
  show();

  return {
    /** The step that is seen now; it is read once. @param {HTMLElement} section */
    sees(section) {
      const key = section.dataset.step ?? "";
      if (aids.aloud && key !== told) {
        told = key;
        tell(section);
      }
    },
  };
}
