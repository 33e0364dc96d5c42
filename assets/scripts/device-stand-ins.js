// Drives the simulated tape and roller encoder.
import { send } from "./devices.js";

const said = document.querySelector("[data-sent]");
const tape = /** @type {HTMLFormElement} */ (document.querySelector("[data-tape]"));
const encoder = /** @type {HTMLFormElement} */ (document.querySelector("[data-encoder]"));

/** @param {HTMLFormElement} form @param {string} name */
const number = (form, name) => Number(/** @type {HTMLInputElement} */ (form.elements.namedItem(name)).value);

/** @param {Event} event @param {import("./devices.js").Message} message */
function tell(event, message) {
  event.preventDefault();
  send(message);
  if (said) {
    said.textContent = `Sent: ${JSON.stringify(message)}`;
  }
}

tape.addEventListener("submit", (event) => {
  const perUnit = tape.dataset.units === "in" ? 25.4 : 10;
  tell(event, { device: "tape", length_mm: number(tape, "length") * perUnit });
});
encoder.addEventListener("submit", (event) => {
  tell(event, { device: "encoder", roller: "take-up", turns: number(encoder, "turns") });
});
