// The pieces at hand as a tray: every length with minus and plus. What is in the tray is written as lines of text into
// the field behind it, "36 in x 3", which is all there is without scripts.
import { stepButton } from "./step-button.js";

/** @typedef {{length: string, count: number}} Kind */

/** @param {string} text @returns {Kind[]} */
export function kindsOf(text) {
  return text
    .split(/\r?\n/)
    .map((line) => /^\s*(.+?)\s*[x×*]\s*(\d{1,4})\s*$/i.exec(line))
    .filter((found) => found !== null)
    .map((found) => ({ length: found[1], count: Number(found[2]) }));
}

/** @param {Kind[]} kinds */
export const linesOf = (kinds) =>
  kinds
    .filter(({ count }) => count > 0)
    .map(({ length, count }) => `${length} x ${count}`)
    .join("\n");

/** @param {string} text a length as it is written, for a bar as long as the longest piece at most @returns {number} */
export function share(text) {
  const found = /^(\d+(?:[.,]\d+)?)/.exec(text.trim());
  return found ? Number(found[1].replace(",", ".")) : 0;
}

/** @param {string} name @param {Record<string, string>} attributes @param {...(Node|string)} inside */
function make(name, attributes, ...inside) {
  const element = document.createElement(name);
  for (const [key, value] of Object.entries(attributes)) {
    element.setAttribute(key, value);
  }
  element.append(...inside);
  return element;
}

/** @param {HTMLTextAreaElement} field */
function watchLengths(field) {
  const words = document.querySelector(`label[for="${field.id}"]`)?.textContent?.trim() ?? "";
  let kinds = kindsOf(field.value);
  // What cannot be read as a tray stays text, so that nothing of it is lost.
  const lines = field.value.split(/\r?\n/).filter((line) => line.trim() !== "");
  if (lines.length > 0 && linesOf(kinds).split("\n").length !== lines.length) {
    return;
  }
  const tray = make("div", { class: "tray", role: "group", "aria-label": words });
  field.after(tray);
  field.hidden = true;
  document.getElementById(`${field.id}_help`)?.setAttribute("hidden", "");

  const keep = () => {
    field.value = linesOf(kinds);
    field.dispatchEvent(new Event("input", { bubbles: true }));
    show();
  };
  /** @param {Kind} kind @param {number} by */
  const change = (kind, by) => {
    kind.count = Math.max(0, Math.min(500, kind.count + by));
    kinds = kinds.filter((one) => one.count > 0);
    keep();
  };
  const show = () => {
    const longest = Math.max(1, ...kinds.map(({ length }) => share(length)));
    const rows = kinds.map((kind) => {
      const bar = document.createElementNS("http://www.w3.org/2000/svg", "svg");
      bar.setAttribute("viewBox", "0 0 100 10");
      bar.setAttribute("class", "tray-bar");
      bar.setAttribute("preserveAspectRatio", "none");
      bar.setAttribute("aria-hidden", "true");
      for (let i = 0; i < Math.min(3, kind.count); i++) {
        const piece = document.createElementNS("http://www.w3.org/2000/svg", "rect");
        piece.setAttribute("x", "0");
        piece.setAttribute("y", String(3.5 * i));
        piece.setAttribute("height", "2.4");
        piece.setAttribute("width", String(Math.max(3, (100 * share(kind.length)) / longest)));
        bar.append(piece);
      }
      const less = stepButton("−", `one ${kind.length} less`, () => change(kind, -1));
      const more = stepButton("+", `one ${kind.length} more`, () => change(kind, 1));
      return make(
        "div",
        { class: "tray-row" },
        make("span", {}, make("span", { class: "font-semibold whitespace-nowrap" }, kind.length), bar),
        less,
        make("output", { class: "tray-count" }, String(kind.count)),
        more,
      );
    });
    const length = /** @type {HTMLInputElement} */ (
      make("input", {
        class: "entry",
        "data-length": "1",
        placeholder: "length",
        "aria-label": `another length of ${words.toLowerCase()}`,
      })
    );
    const add = make("button", { type: "button", class: "button" }, "Add");
    const put = () => {
      const text = length.value.trim();
      if (text !== "") {
        kinds.push({ length: text, count: 1 });
        keep();
      }
    };
    add.addEventListener("click", put);
    length.addEventListener("keydown", (event) => {
      if (event.key === "Enter") {
        event.preventDefault();
        put();
      }
    });
    tray.replaceChildren(...rows, make("div", { class: "tray-add" }, length, add));
  };
  show();
}

/** @param {HTMLInputElement} field */
function watchCount(field) {
  const words = document.querySelector(`label[for="${field.id}"]`)?.textContent?.trim() ?? "";
  const step = (/** @type {number} */ by, /** @type {string} */ sign, /** @type {string} */ says) =>
    stepButton(sign, `${says} ${words.toLowerCase()}`, () => {
      const next = Math.max(0, Number(field.value || 0) + by);
      field.value = next === 0 ? "" : String(next);
      field.dispatchEvent(new Event("input", { bubbles: true }));
    });
  const row = make("div", { class: "tray-row" });
  field.before(row);
  row.append(step(-10, "−", "ten fewer"), field, step(10, "+", "ten more"));
  field.classList.add("text-center");
}

if (typeof document !== "undefined") {
  for (const field of document.querySelectorAll("textarea[data-tray]")) {
    watchLengths(/** @type {HTMLTextAreaElement} */ (field));
  }
  for (const field of document.querySelectorAll("input[data-tray]")) {
    watchCount(/** @type {HTMLInputElement} */ (field));
  }
}
