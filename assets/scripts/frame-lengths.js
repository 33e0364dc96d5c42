// Small lengths as a quilter reads them at the frame: parts of an inch, or millimetres.

const glyphs = /** @type {Record<string, string>} */ ({
  "1/2": "½",
  "1/4": "¼",
  "3/4": "¾",
  "1/8": "⅛",
  "3/8": "⅜",
  "5/8": "⅝",
  "7/8": "⅞",
});

/** @param {string} units @param {number} fraction @returns millimetres of one step */
export const stepOf = (units, fraction) => (units === "in" ? 25.4 / fraction : 1);

/**
 * Steps of an inch as a mixed number, "1 7/8", its part reduced.
 *
 * @param {number} steps not below zero
 * @param {number} fraction
 * @param {Record<string, string>} signs for parts that have one of their own
 */
export function mixed(steps, fraction, signs = {}) {
  const whole = Math.floor(steps / fraction);
  let [numerator, denominator] = [steps % fraction, fraction];
  while (numerator > 0 && numerator % 2 === 0) {
    numerator /= 2;
    denominator /= 2;
  }
  const part = numerator === 0 ? "" : (signs[`${numerator}/${denominator}`] ?? `${numerator}/${denominator}`);
  return [whole === 0 && part !== "" ? "" : whole, part].filter((text) => text !== "").join(" ");
}

/**
 * @param {number} steps
 * @param {string} units
 * @param {number} fraction
 */
export function written(steps, units, fraction) {
  const sign = steps < 0 ? "−" : steps > 0 ? "+" : "";
  const size = Math.abs(steps);
  if (units !== "in") {
    return `${sign}${size} mm`;
  }
  return `${sign}${mixed(size, fraction, glyphs)} in`;
}
