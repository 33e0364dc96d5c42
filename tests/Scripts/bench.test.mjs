import assert from "node:assert/strict";
import { test } from "node:test";
import { placeAt, wordsOf, xOf } from "../../assets/scripts/bench.js";

const lane = {
  id: "north",
  name: "North frame",
  y: 0,
  height: 100,
  after: 400,
  quilts: [
    { id: "a", title: "Amber", x: 100, width: 60 },
    { id: "b", title: "Birch", x: 160, width: 100 },
    { id: "c", title: "Cedar", x: 300, width: 50 },
  ],
};

test("a quilt stands before the first whose middle lies farther right", () => {
  assert.equal(placeAt(lane, 0, "x"), 1);
  assert.equal(placeAt(lane, 129, "x"), 1);
  assert.equal(placeAt(lane, 131, "x"), 2);
  assert.equal(placeAt(lane, 211, "x"), 3);
  assert.equal(placeAt(lane, 900, "x"), 4);
});

test("the one that is held is not counted", () => {
  assert.equal(placeAt(lane, 131, "b"), 2);
  assert.equal(placeAt(lane, 326, "b"), 3);
  assert.equal(wordsOf(lane, 2, "b"), "North frame, after Amber");
  assert.equal(wordsOf(lane, 1, "a"), "North frame, next");
  assert.equal(wordsOf(lane, 3, "b"), "North frame, after Cedar");
});

test("a place begins where the one before it ends, the first where the lane does", () => {
  assert.equal(xOf(lane, 1, "x"), 100);
  assert.equal(xOf(lane, 1, "a"), 100);
  assert.equal(xOf(lane, 2, "x"), 160);
  assert.equal(xOf(lane, 3, "b"), 350);
  assert.equal(xOf({ ...lane, quilts: [] }, 1, "x"), 400);
});
