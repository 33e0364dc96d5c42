// Keeps what is typed into a form on this device until the server has it, so that a reload, a lost connection or a
// closed tab loses nothing. What one person typed is never brought back to another. Passwords and tokens are never
// kept.

const prefix = `schwung-draft:${document.body.dataset.person ?? ""}:`;

/** @param {HTMLFormElement} form */
const place = (form) => prefix + (form.dataset.draft ?? "");

/** @param {Element} field */
const isKept = (field) =>
  (field instanceof HTMLInputElement && !["password", "hidden", "file", "submit"].includes(field.type)) ||
  field instanceof HTMLSelectElement ||
  field instanceof HTMLTextAreaElement;

/** @param {HTMLFormElement} form */
function keep(form) {
  /** @type {Record<string, string | boolean>} */
  const entries = {};
  for (const field of form.elements) {
    if (isKept(field)) {
      const input = /** @type {HTMLInputElement} */ (field);
      const isBox = ["checkbox", "radio"].includes(input.type);
      entries[input.name + (isBox ? `=${input.value}` : "")] = isBox ? input.checked : input.value;
    }
  }
  localStorage.setItem(place(form), JSON.stringify(entries));
}

/** @param {HTMLFormElement} form */
function bringBack(form) {
  const kept = localStorage.getItem(place(form));
  // A form that comes back with faults already carries what was entered.
  if (kept === null || form.querySelector("[aria-invalid=true]")) {
    return;
  }
  const entries = JSON.parse(kept);
  for (const field of form.elements) {
    if (isKept(field)) {
      const input = /** @type {HTMLInputElement} */ (field);
      const isBox = ["checkbox", "radio"].includes(input.type);
      const entry = entries[input.name + (isBox ? `=${input.value}` : "")];
      if (typeof entry === "boolean") {
        input.checked = entry;
      } else if (typeof entry === "string") {
        input.value = entry;
      }
    }
  }
}

// The page after a form that was accepted names the drafts that are done with, before any is brought back.
for (const done of document.querySelectorAll("[data-draft-done]")) {
  localStorage.removeItem(prefix + /** @type {HTMLElement} */ (done).dataset.draftDone);
}

for (const form of document.querySelectorAll("form[data-draft]")) {
  const kept = /** @type {HTMLFormElement} */ (form);
  bringBack(kept);
  kept.addEventListener("input", () => keep(kept));
}
