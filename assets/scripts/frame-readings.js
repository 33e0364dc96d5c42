// The forms in which readings are taken: steppers that go by the studio's fraction of an inch, or by millimetres.
import { firmness, straightness } from "./frame-judge.js";
import { stepOf, written } from "./frame-lengths.js";

export class Readings {
  /**
   * @param {string} units
   * @param {number} fraction of an inch
   */
  constructor(units, fraction) {
    this.units = units;
    this.fraction = fraction;
  }

  /** @param {HTMLElement} stepper @param {number} value in steps */
  set(stepper, value) {
    const { from } = stepper.dataset;
    const steps = from === undefined ? value : Math.max(Number(from), value);
    stepper.dataset.value = String(steps);
    const output = /** @type {HTMLElement} */ (stepper.querySelector("output"));
    const text = written(steps, this.units, this.fraction);
    // What cannot be less than nothing needs no sign.
    output.textContent = from === undefined ? text : text.replace(/^\+/, "");
  }

  /**
   * Says at once what a box's reading means, where it means something by itself.
   * @param {HTMLElement} box
   */
  judge(box) {
    const told = /** @type {HTMLElement | null} */ (box.querySelector("[data-judged]"));
    if (!told) {
      return;
    }
    const says = JSON.parse(told.dataset.judged ?? "{}");
    const reading = /** @type {any} */ (this.read(box));
    if (box.dataset.reading === "firmness") {
      const words = firmness(reading);
      const click = this.click(box, words);
      told.textContent = [...words.map((word) => says[word]), ...(click === "" ? [] : [click])].join(" ");
      return;
    }
    const judged = straightness(reading);
    const by = written(Math.round(judged.by / stepOf(this.units, this.fraction)), this.units, this.fraction);
    told.textContent = says[judged.says].replace("%s", by.replace(/^\+/, ""));
  }

  /**
   * How much cloth a click of the take-up is at the step that is shown, where clicks can mend what is felt.
   * @param {HTMLElement} box @param {string[]} words
   */
  click(box, words) {
    const shown = /** @type {HTMLElement | null} */ (document.querySelector("section[data-step]:not([hidden])"));
    const length = Number(shown?.dataset.click ?? 0);
    if (length === 0 || !words.some((word) => ["rings", "hangs", "backing-firmer"].includes(word))) {
      return "";
    }
    const step = stepOf(this.units, this.fraction);
    const text = written(Math.round(length / step), this.units, this.fraction).replace(/^\+/, "");
    const says = /** @type {HTMLElement} */ (box.querySelector("[data-click]")).dataset.click ?? "";
    return says.replace("%s", text);
  }

  /** @param {HTMLElement} stepper @param {number} by steps */
  change(stepper, by) {
    this.set(stepper, Number(stepper.dataset.value) + by);
  }

  /** @param {HTMLElement} stepper @param {number} millimetres */
  measure(stepper, millimetres) {
    this.set(stepper, Math.round(millimetres / stepOf(this.units, this.fraction)));
  }

  /**
   * Every stepper of a box where it starts: at zero, at a length, or at what the plan expects at the step that is
   * shown.
   * @param {HTMLElement} box @param {DOMStringMap} shown of that step
   */
  clear(box, shown = {}) {
    for (const stepper of /** @type {NodeListOf<HTMLElement>} */ (box.querySelectorAll("[data-stepper]"))) {
      const { starts = "0" } = stepper.dataset;
      this.measure(stepper, Number(shown[starts] ?? starts) || 0);
    }
  }

  /** How many steps a stepper moves by: one, or a whole inch, or a centimetre. @param {string} by */
  steps(by) {
    const large = this.units === "in" ? this.fraction : 10;
    return by === "large" ? large : by === "-large" ? -large : Number(by);
  }

  /** What a box says, lengths in millimetres. @param {HTMLElement} box */
  read(box) {
    /** @type {Record<string, any>} */
    const data = {};
    const step = stepOf(this.units, this.fraction);
    for (const stepper of /** @type {NodeListOf<HTMLElement>} */ (box.querySelectorAll("[data-stepper]"))) {
      const millimetres = Number(stepper.dataset.value) * step;
      data[stepper.dataset.stepper ?? ""] = Math.round(millimetres * 1000) / 1000;
    }
    const layer = /** @type {HTMLSelectElement | null} */ (box.querySelector("[data-layer]"));
    if (layer) {
      data.layer = layer.value;
    }
    for (const select of /** @type {NodeListOf<HTMLSelectElement>} */ (box.querySelectorAll("[data-feel]"))) {
      const layer = select.dataset.feel ?? "";
      data[layer] = [...(data[layer] ?? []), Number(select.value)];
    }
    return data;
  }
}
