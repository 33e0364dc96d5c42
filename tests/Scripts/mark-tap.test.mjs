import assert from "node:assert/strict";
import test from "node:test";
import { placed } from "../../assets/scripts/mark-tap.js";

test("a tapped place is written in quarters of an inch or half centimetres", () => {
  for (const [millimetres, units, written] of [
    [0, "in", "0 in"],
    [25.4, "in", "1 in"],
    [28.5, "in", "1 in"],
    [28.6, "in", "1.25 in"],
    [-3, "in", "0 in"],
    [12.4, "cm", "1 cm"],
    [12.6, "cm", "1.5 cm"],
  ]) {
    assert.equal(placed(millimetres, units), written);
  }
});
