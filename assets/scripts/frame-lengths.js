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
  const whole = Math.floor(size / fraction);
  let [numerator, denominator] = [size % fraction, fraction];
  while (numerator > 0 && numerator % 2 === 0) {
    numerator /= 2;
    denominator /= 2;
  }
  const part = numerator === 0 ? "" : (glyphs[`${numerator}/${denominator}`] ?? `${numerator}/${denominator}`);
  return `${sign}${[whole === 0 && part !== "" ? "" : whole, part].filter((text) => text !== "").join(" ")} in`;
}
