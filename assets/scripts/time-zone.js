// Tells the form where the clock of this browser stands, so that nobody has to be asked.

for (const field of /** @type {NodeListOf<HTMLInputElement>} */ (document.querySelectorAll("[data-time-zone]"))) {
  field.value = new Intl.DateTimeFormat().resolvedOptions().timeZone || field.value;
}
