// The page at the frame reads a log as the core does: both are told the cases of tests/Shared/log.json.
import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { test } from "node:test";
import { fold } from "../../assets/scripts/frame-fold.js";

const { start, words, steps, cases } = JSON.parse(readFileSync(new URL("../Shared/log.json", import.meta.url), "utf8"));

for (const { name, entries, place, done, state, parked, left } of cases) {
  test(name, () => {
    const log = entries
      .map(([key, kind, step, at, data]) => ({ key, kind, step, at, data }))
      .sort((one, other) => one.at - other.at);
    const folded = fold(steps, log, start, words);

    assert.equal(folded.place, place);
    assert.deepEqual([...folded.done.keys()].sort(), [...done].sort());
    assert.deepEqual(folded.state, { ...start, ...state });
    assert.equal(folded.isParked, parked);
    assert.deepEqual(folded.left, left);
  });
}

test("the last work is the last step or taking up", () => {
  const log = [
    { key: "a", kind: "done", step: "room", at: 1, data: {} },
    { key: "b", kind: "resume", step: null, at: 5, data: {} },
    { key: "c", kind: "state", step: null, at: 9, data: { part: "stitch", is: "basting" } },
  ];

  assert.equal(fold(steps, log, start, words).lastWork, 5);
  assert.equal(fold(steps, [], start, words).lastWork, null);
});
