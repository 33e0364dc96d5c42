// The page at the frame judges a reading as the core does: both are told the cases of tests/Shared/judged.json.
import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { test } from "node:test";
import { firmness, straightness } from "../../assets/scripts/frame-judge.js";

const cases = JSON.parse(readFileSync(new URL("../Shared/judged.json", import.meta.url), "utf8"));

for (const { name, says, by, ...reading } of cases.straightness) {
  test(`straightness: ${name}`, () => {
    const judged = straightness(reading);
    assert.equal(judged.says, says);
    assert.ok(Math.abs(judged.by - by) < 1e-6, `${judged.by}`);
  });
}

for (const { name, says, ...reading } of cases.firmness) {
  test(`firmness: ${name}`, () => assert.deepEqual(firmness(reading), says));
}
