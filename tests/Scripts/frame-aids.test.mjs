// What the voice says of a step.
import assert from "node:assert/strict";
import { test } from "node:test";
import { spoken } from "../../assets/scripts/frame-aids.js";

test("a step is said with its units in full, and once each", () => {
  assert.equal(
    spoken({
      heading: "Batting, step 2 of 4 ",
      text: "Bring the needle over the line, 3 ½ in from the lead hold.",
      figure: "  lock on at\n 3 ½ in ",
      look: "The head moves 2 cm sideways, 5 mm in front.",
    }),
    "Batting, step 2 of 4. Bring the needle over the line, 3 ½ inches from the lead hold. lock on at 3 ½ inches. " +
      "Look: The head moves 2 centimetres sideways, 5 millimetres in front.",
  );
});

test("what a step has not is not said, and words that begin like a unit stay", () => {
  assert.equal(
    spoken({ heading: "Off", text: "Count 4 inner pins in 2 rows, −½ in off", figure: "", look: "" }),
    "Off. Count 4 inner pins in 2 rows, minus ½ inches off.",
  );
});
