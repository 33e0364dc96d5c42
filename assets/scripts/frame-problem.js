// The form in which a problem is written down: at its place on the bed, with a photo made smaller here.

/** @param {File} file @returns {Promise<string>} a smaller picture as a data URL */
async function smaller(file) {
  const bitmap = await createImageBitmap(file);
  const scale = Math.min(1, 1400 / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(bitmap.width * scale);
  canvas.height = Math.round(bitmap.height * scale);
  canvas.getContext("2d")?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL("image/jpeg", 0.8);
}

/**
 * @param {HTMLFormElement} form
 * @param {(data: Record<string, any>) => void} write called with what was entered, once it is whole
 */
export function watchProblem(form, write) {
  const svg = /** @type {SVGSVGElement} */ (form.querySelector("[data-tap-bed] svg"));
  const fault = /** @type {HTMLElement} */ (form.querySelector("[data-fault]"));
  /** Where the bed was tapped, in millimetres. @type {{x: number, y: number} | null} */
  let tapped = null;

  svg.addEventListener("click", (event) => {
    const matrix = svg.getScreenCTM();
    if (!matrix) {
      return;
    }
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    tapped = { x: Math.round(point.x), y: Math.round(point.y) };
    svg.querySelector(".problem-tapped")?.remove();
    const pin = document.createElementNS("http://www.w3.org/2000/svg", "circle");
    pin.setAttribute("class", "problem-pin problem-tapped");
    pin.setAttribute("cx", String(tapped.x));
    pin.setAttribute("cy", String(tapped.y));
    pin.setAttribute("r", String(svg.viewBox.baseVal.width / 55));
    svg.append(pin);
  });

  // What is seen settles in which layer, until somebody says otherwise.
  form.addEventListener("change", (event) => {
    const field = /** @type {HTMLInputElement} */ (event.target);
    const layer = field.name === "seen" ? field.dataset.layer : undefined;
    if (layer) {
      /** @type {HTMLInputElement} */ (form.querySelector(`[name=layer][value="${layer}"]`)).checked = true;
    }
  });

  form.addEventListener("submit", async (event) => {
    event.preventDefault();
    const fields = new FormData(form);
    const file = /** @type {File} */ (fields.get("photo"));
    let photo = "";
    try {
      photo = file.size > 0 ? await smaller(file) : "";
      fault.hidden = true;
    } catch {
      fault.textContent = `"${file.name}" is no picture. A JPEG, PNG or WebP is accepted; without one the problem is written down too.`;
      fault.hidden = false;
      /** @type {HTMLInputElement} */ (form.querySelector("[name=photo]")).value = "";
      return;
    }
    write({
      ...(tapped ?? {}),
      layer: fields.get("layer"),
      seen: fields.get("seen"),
      severity: fields.get("severity"),
      action: fields.get("action"),
      ...(photo === "" ? {} : { photo }),
    });
  });

  form.addEventListener("reset", () => {
    tapped = null;
    svg.querySelector(".problem-tapped")?.remove();
  });
}
