// Says which steps another way of loading has changed: each is marked, and their number is told beside the choices.

/** @type {Map<string, string> | null} */
let before = null;

/** @returns {HTMLElement[]} */
const steps = () => [...document.querySelectorAll(".steps [data-step]")].map((li) => /** @type {HTMLElement} */ (li));

/** The number of a step is no change of it. */
const told = (/** @type {HTMLElement} */ step) => step.querySelector("[data-told]")?.textContent ?? "";

function keep() {
  const all = steps();
  before = all.length === 0 ? null : new Map(all.map((step) => [step.dataset.step ?? "", told(step)]));
}

/** @param {number} count @param {string} what */
const some = (count, what) => (count === 0 ? [] : [`${count} ${count === 1 ? "step" : "steps"} ${what}`]);

function compare() {
  const was = before;
  before = null;
  const place = document.getElementById("changes");
  if (was === null || !place) {
    return;
  }
  let [changed, added] = [0, 0];
  const left = new Set(was.keys());
  for (const step of steps()) {
    const key = step.dataset.step ?? "";
    const isAdded = !was.has(key);
    const isChanged = !isAdded && was.get(key) !== told(step);
    left.delete(key);
    step.toggleAttribute("data-added", isAdded);
    step.toggleAttribute("data-changed", isChanged);
    added += isAdded ? 1 : 0;
    changed += isChanged ? 1 : 0;
  }
  const all = [...some(changed, "changed"), ...some(added, "more"), ...some(left.size, "fewer")];
  place.textContent = all.length === 0 ? "No step is changed by that." : `${all.join(", ")}: marked below.`;
}

document.addEventListener("htmx:beforeSwap", keep);
document.addEventListener("htmx:afterSwap", compare);
