// The walk round the table: Enter, the tape's button and Next go on. Without a connection the next measure is asked all
// the same, in walking order, and what was typed is kept on this device and sent when the server answers.

const place = () => `schwung-tape:${document.body.dataset.person ?? ""}:${walk()?.dataset.quilt ?? ""}`;
const walk = () => document.getElementById("walk");
const form = () => /** @type {HTMLFormElement | null} */ (document.getElementById("tape"));
const field = () => /** @type {HTMLInputElement | null} */ (document.getElementById("tape-field"));

/** @typedef {{text: string, units: string}} Kept */
/** @returns {Record<string, Kept>} by the path of the measure */
const kept = () => JSON.parse(localStorage.getItem(place()) ?? "{}");

/** @param {Record<string, Kept>} entries */
function keep(entries) {
  if (Object.keys(entries).length === 0) {
    localStorage.removeItem(place());
  } else {
    localStorage.setItem(place(), JSON.stringify(entries));
  }
}

const steps = () => /** @type {HTMLAnchorElement[]} */ ([...(walk()?.querySelectorAll("a[data-path]") ?? [])]);

/** Shows what is kept and not sent yet in the list, and says so. */
function showKept() {
  const waiting = kept();
  for (const step of steps()) {
    const entry = waiting[step.dataset.path ?? ""];
    if (entry) {
      const value = step.querySelector("[data-value]");
      if (value) {
        value.textContent = entry.text;
      }
      const open = step.querySelector("[data-open]");
      if (open) {
        open.textContent = "kept here";
      }
    }
  }
}

/** Asks for another measure without the server. @param {string} path */
function ask(path) {
  const [box, input] = [form(), field()];
  const step = steps().find((one) => one.dataset.path === path);
  if (!box || !input || !step) {
    return;
  }
  input.name = `f[${path}]`;
  input.dataset.measure = path;
  input.value = kept()[path]?.text ?? step.querySelector("[data-value]")?.textContent ?? "";
  input.placeholder = "";
  input.removeAttribute("aria-invalid");
  document.getElementById("tape-fault")?.remove();
  /** @type {HTMLInputElement} */ (box.elements.namedItem("asked")).value = path;
  /** @type {HTMLElement} */ (box.querySelector("label")).textContent = step.dataset.words ?? "";
  /** @type {HTMLElement} */ (document.getElementById("tape-help")).textContent = step.dataset.help ?? "";
  for (const one of steps()) {
    one.toggleAttribute("aria-current", false);
  }
  step.setAttribute("aria-current", "step");
  input.focus();
  input.select();
}

/** Keeps what stands in the field and asks for the next that is open. */
function goOnAlone() {
  const [box, input] = [form(), field()];
  if (!box || !input) {
    return;
  }
  const path = input.dataset.measure ?? "";
  if (input.value.trim() !== "") {
    const units = /** @type {HTMLInputElement} */ (box.elements.namedItem("units")).value;
    keep({ ...kept(), [path]: { text: input.value.trim(), units } });
  }
  showKept();
  const all = steps();
  const at = all.findIndex((one) => one.dataset.path === path);
  const next = [...all.slice(at + 1), ...all.slice(0, at)].find(
    (one) => (one.querySelector("[data-value]")?.textContent ?? "") === "",
  );
  if (next) {
    ask(next.dataset.path ?? "");
  }
}

/** Sends what was kept, all of one unit system at once. */
async function sendKept() {
  const box = form();
  const entries = Object.entries(kept());
  if (entries.length === 0 || !box) {
    return;
  }
  const token = /** @type {HTMLInputElement} */ (box.elements.namedItem("_token"));
  const { units } = entries[0][1];
  const body = new URLSearchParams({ _token: token.value, units });
  const sent = entries.filter(([, entry]) => entry.units === units);
  for (const [path, entry] of sent) {
    body.set(`f[${path}]`, entry.text);
  }
  try {
    const answer = await fetch(box.action, { method: "POST", body, redirect: "manual" });
    if (answer.type !== "opaqueredirect" && !answer.ok) {
      return;
    }
  } catch {
    return;
  }
  const left = kept();
  for (const [path, entry] of sent) {
    if (left[path]?.text === entry.text) {
      delete left[path];
    }
  }
  keep(left);
  window.location.reload();
}

function arrive() {
  for (const part of walk()?.querySelectorAll("[data-only-script]") ?? []) {
    part.removeAttribute("hidden");
  }
  showKept();
  const input = field();
  if (input) {
    input.focus();
    input.select();
  }
}

document.addEventListener("click", (event) => {
  const button = /** @type {HTMLElement} */ (event.target).closest("button");
  const input = field();
  if (!button || !input) {
    return;
  }
  if (button.dataset.type) {
    const whole = input.value.slice(0, input.selectionStart ?? 0) + input.value.slice(input.selectionEnd ?? 0);
    input.value = `${whole.replace(/\s*[⅛¼⅜½⅝¾⅞]?\s*(in)?$/u, "")} ${button.dataset.type}`.trim();
    input.focus();
  } else if (button.hasAttribute("data-letters")) {
    const isOn = input.inputMode === "decimal";
    input.inputMode = isOn ? "text" : "decimal";
    button.setAttribute("aria-pressed", String(isOn));
    input.focus();
  }
});

// A link to another measure, or past this one, has to work without the server too.
document.addEventListener("click", (event) => {
  const link = /** @type {HTMLElement} */ (event.target).closest("#walk a");
  if (link instanceof HTMLAnchorElement && !navigator.onLine) {
    if (link.dataset.path) {
      event.preventDefault();
      ask(link.dataset.path);
    } else if (link.hasAttribute("data-skip")) {
      event.preventDefault();
      const input = field();
      if (input) {
        input.value = "";
      }
      goOnAlone();
    }
  }
});

document.addEventListener("htmx:sendError", (event) => {
  if (/** @type {CustomEvent} */ (event).detail.elt === form()) {
    goOnAlone();
  }
});
document.addEventListener("htmx:afterSwap", () => {
  if (walk()) {
    arrive();
  }
});
window.addEventListener("online", sendKept);
window.setInterval(sendKept, 5000);

if (walk()) {
  arrive();
  sendKept();
}
