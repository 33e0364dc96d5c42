// A small button that does not send its form.

/** @param {string} text @param {string} label what it does, in words @param {() => void} does */
export function stepButton(text, label, does) {
  const button = document.createElement("button");
  button.type = "button";
  button.className = "button tray-step";
  button.textContent = text;
  button.setAttribute("aria-label", label);
  button.addEventListener("click", does);
  return button;
}
