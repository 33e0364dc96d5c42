// Small things that only a browser can do. Every page works without them.

/** Lights the line of a drawing that the field in focus measures. */
function lightMeasure() {
  const active = /** @type {HTMLElement | null} */ (document.activeElement);
  const name = active?.dataset.measure;
  for (const line of document.querySelectorAll(".measure-line")) {
    line.classList.toggle("lit", name !== undefined && line.getAttribute("data-line") === name);
  }
}

/** A form that has been sent is not sent again by a second click. */
function holdSecondClick(/** @type {SubmitEvent} */ event) {
  const form = /** @type {HTMLFormElement} */ (event.target);
  if (event.defaultPrevented || form.dataset.sent === "yes") {
    event.preventDefault();
    return;
  }
  if (!form.hasAttribute("hx-post")) {
    form.dataset.sent = "yes";
  }
}

/** Buttons that copy what stands in a field, where the browser lets a page do so. */
function offerCopies() {
  for (const button of /** @type {NodeListOf<HTMLButtonElement>} */ (document.querySelectorAll("button[data-copy]"))) {
    const field = /** @type {HTMLTextAreaElement | null} */ (document.getElementById(button.dataset.copy ?? ""));
    if (field && navigator.clipboard) {
      button.hidden = false;
      button.addEventListener("click", async () => {
        await navigator.clipboard.writeText(field.value);
        button.textContent = "Copied";
      });
    }
  }
}

/** Says so when a change could not be sent, and sends the whole form again once the server answers. */
function watchConnection() {
  let waiting = 0;
  const notice = () => document.getElementById("connection");
  const retry = () => {
    const form = document.getElementById("sheet");
    if (form) {
      window.htmx.trigger(form, "resend");
    }
  };
  const lost = () => {
    const box = notice();
    if (box) {
      box.hidden = false;
    }
    window.clearTimeout(waiting);
    waiting = window.setTimeout(retry, 3000);
  };
  document.addEventListener("htmx:sendError", lost);
  document.addEventListener("htmx:responseError", (event) => {
    const { status } = /** @type {CustomEvent} */ (event).detail.xhr;
    if (status >= 500) {
      lost();
    } else if (status === 401 || status === 403) {
      window.location.reload();
    }
  });
  document.addEventListener("htmx:afterOnLoad", () => {
    window.clearTimeout(waiting);
    const box = notice();
    if (box) {
      box.hidden = true;
    }
  });
  window.addEventListener("online", retry);
}

const FIELDS = "input, textarea, option";

/** Whether a field holds what its markup says, so that nobody has touched it since. */
function isUntouched(/** @type {Element} */ field) {
  if (field instanceof HTMLInputElement) {
    return field.value === field.defaultValue && field.checked === field.defaultChecked;
  }
  return field instanceof HTMLOptionElement
    ? field.selected === field.defaultSelected
    : /** @type {HTMLTextAreaElement} */ (field).value === /** @type {HTMLTextAreaElement} */ (field).defaultValue;
}

/** The answered takes the place of what is shown, but for the element itself, and so for its focus. */
function putIn(/** @type {Element} */ shown, /** @type {Element} */ answered) {
  for (const name of shown.getAttributeNames().filter((name) => !answered.hasAttribute(name))) {
    shown.removeAttribute(name);
  }
  for (const { name, value } of answered.attributes) {
    shown.setAttribute(name, value);
  }
  shown.replaceChildren(...answered.childNodes);
}

/** What the answer repeats stays as it is, but for fields that somebody touched. */
function isToBeMorphed(/** @type {Node} */ shown, /** @type {Node} */ answered) {
  if (!(shown instanceof Element) || !(answered instanceof Element)) {
    return !shown.isEqualNode(answered);
  }
  if (answered.matches("[data-shown]")) {
    return false;
  }
  if (shown.isEqualNode(answered)) {
    const fields = shown.matches(FIELDS) ? [shown] : shown.querySelectorAll(FIELDS);
    return !Array.from(fields).every(isUntouched);
  }
  // A drawing is other lines throughout and holds nothing that is typed: it is put in whole. So is what one presses, for
  // what has the focus would keep its old words.
  const isPressed = shown === document.activeElement && shown.matches("a, button, summary");
  if (isPressed || (shown.matches("svg.bed") && !shown.contains(document.activeElement))) {
    putIn(shown, answered);
    return false;
  }
  return true;
}

/** Says with a change what the page has of it: the parts that nobody has touched are not sent again where they stay. */
function sayWhatIsShown(/** @type {Event} */ event) {
  const { elt, parameters } = /** @type {CustomEvent} */ (event).detail;
  if (elt.id === "sheet" && !document.querySelector("[data-shown]")) {
    const parts = /** @type {HTMLElement[]} */ (Array.from(document.querySelectorAll("#workspace [data-part]")));
    parameters.shown = parts
      .filter((part) => Array.from(part.querySelectorAll(FIELDS)).every(isUntouched))
      .map((part) => part.dataset.part)
      .join(" ");
  }
}

// What is being typed is never replaced by an answer to what was typed before.
window.Idiomorph.defaults.ignoreActiveValue = true;
window.Idiomorph.defaults.callbacks.beforeNodeMorphed = isToBeMorphed;

document.addEventListener("focusin", lightMeasure);
document.addEventListener("htmx:afterSwap", lightMeasure);
document.addEventListener("htmx:configRequest", sayWhatIsShown);
document.addEventListener("submit", holdSecondClick);
window.addEventListener("pageshow", () => {
  for (const form of document.querySelectorAll("form[data-sent]")) {
    form.removeAttribute("data-sent");
  }
});
document.addEventListener("click", (event) => {
  if (/** @type {HTMLElement} */ (event.target).closest("[data-print]")) {
    window.print();
  }
});
offerCopies();
watchConnection();
