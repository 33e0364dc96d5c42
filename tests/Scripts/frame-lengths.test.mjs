// Small lengths are written at the frame as the server writes them.
import assert from "node:assert/strict";
import { test } from "node:test";
import { stepOf, written } from "../../assets/scripts/frame-lengths.js";

const cases = [
  [0, "in", 16, "0 in"],
  [1, "in", 16, "+1/16 in"],
  [2, "in", 16, "+⅛ in"],
  [-8, "in", 16, "−½ in"],
  [16, "in", 16, "+1 in"],
  [-27, "in", 16, "−1 11/16 in"],
  [12, "in", 8, "+1 ½ in"],
  [0, "cm", 16, "0 mm"],
  [-12, "cm", 16, "−12 mm"],
];

for (const [steps, units, fraction, text] of cases) {
  test(`${steps} steps are ${text}`, () => assert.equal(written(steps, units, fraction), text));
}

test("a step is a part of an inch, or a millimetre", () => {
  assert.equal(stepOf("in", 16), 1.5875);
  assert.equal(stepOf("cm", 16), 1);
});
