// The log of a quilt: a problem is written down with its place and its photo, as at the frame.
import { watchProblem } from "./frame-problem.js";

const form = /** @type {HTMLFormElement} */ (document.querySelector("form[data-problem]"));

watchProblem(form, ({ x, y, photo }) => {
  for (const [name, value] of Object.entries({ x, y, photo })) {
    if (value !== undefined) {
      const field = document.createElement("input");
      field.type = "hidden";
      field.name = name;
      field.value = String(value);
      form.append(field);
    }
  }
  /** @type {HTMLInputElement} */ (form.querySelector("[type=file]")).disabled = true;
  form.submit();
});
