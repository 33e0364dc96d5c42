// Writes what the tape says into the length that is in focus, as if it had been typed.
import { listen } from "./devices.js";

listen((message) => {
  const field = document.activeElement;
  const isLength =
    field instanceof HTMLInputElement && (field.dataset.measure !== undefined || field.dataset.length !== undefined);
  if (message.device === "tape" && isLength) {
    // In a unit that says itself, so that it means the same on every page.
    field.value = `${Math.round(message.length_mm * 10) / 10} mm`;
    field.dispatchEvent(new Event("input", { bubbles: true }));
    // Where one measure is asked after another, the tape's button is the one to go on.
    if (field.dataset.goesOn !== undefined) {
      field.form?.requestSubmit();
    }
  }
});
