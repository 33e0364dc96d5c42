// What waits goes out in portions that a slow line carries.
import assert from "node:assert/strict";
import { test } from "node:test";
import { nextBatch, patience } from "../../assets/scripts/frame-batch.js";

/** @param {number} count @param {Record<string, unknown>} data */
const waiting = (count, data = {}) =>
  Array.from({ length: count }, (_, i) => ({ key: `k${i}`, kind: "note", step: null, at: i, data }));

test("at most a hundred go at once, the oldest first", () => {
  assert.deepEqual(
    nextBatch(waiting(505)).map(({ at }) => at),
    Array.from({ length: 100 }, (_, i) => i),
  );
});

test("ninety-nine and a hundred go whole, of a hundred and one the last waits", () => {
  assert.deepEqual(
    [99, 100, 101].map((count) => nextBatch(waiting(count)).length),
    [99, 100, 100],
  );
});

test("long ones go in smaller portions, and one that is too long goes alone", () => {
  assert.equal(nextBatch(waiting(90, { text: "x".repeat(100_000) })).length, 4);
  assert.equal(nextBatch(waiting(3, { text: "x".repeat(900_000) })).length, 1);
});

test("words go before photos, and photos one by one", () => {
  const photos = waiting(3, { photo: "data:" });
  const word = { key: "w", kind: "note", step: null, at: 9, data: {} };
  assert.deepEqual(nextBatch([...photos, word]), [word]);
  assert.deepEqual(nextBatch(photos), [photos[0]]);
  assert.deepEqual(nextBatch([]), []);
});

test("a photo on a slow line is waited for", () => {
  assert.equal(patience(""), 8000);
  assert.ok(patience("x".repeat(1_000_000)) > 60_000);
});
