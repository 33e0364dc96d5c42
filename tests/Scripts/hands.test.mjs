import assert from "node:assert/strict";
import { test } from "node:test";
import { linesOf as leaderLines, plain, readingsOf, stations } from "../../assets/scripts/leader-tap.js";
import { curlOf, flatnessOf, outline } from "../../assets/scripts/off-edge.js";
import { kindsOf, linesOf, share } from "../../assets/scripts/stock-tray.js";

test("a tray reads and writes the lines of a stock", () => {
  const kinds = kindsOf("36 in x 3\n12 1/2 × 4\n\n");
  assert.deepEqual(kinds, [
    { length: "36 in", count: 3 },
    { length: "12 1/2", count: 4 },
  ]);
  assert.equal(linesOf([...kinds, { length: "9 in", count: 0 }]), "36 in x 3\n12 1/2 x 4");
  assert.deepEqual(kindsOf("three long ones"), []);
  assert.equal(share("15,5 in"), 15.5);
  assert.equal(share("long"), 0);
});

test("stations lie on both sides of the centre mark and within the ends", () => {
  const all = stations(59 * 25.4, "in");
  assert.equal(all[0], -55);
  assert.equal(all.at(-1), 55);
  assert.ok(all.includes(0));
  assert.ok(all.length >= 7 && all.length <= 11, String(all));
  assert.deepEqual(
    all.map((at) => 0 - at),
    [...all].reverse(),
    "as far to the left as to the right",
  );
  assert.deepEqual(stations(200, "cm"), [-10, 0, 10]);
});

test("what is tapped is written as the lines that a check is read from", () => {
  const readings = readingsOf("-25 in: 1 7/8 in\n0: 2\n25: 1/16", "in");
  assert.deepEqual(
    [...readings],
    [
      [-25, 30],
      [0, 32],
      [25, 1],
    ],
  );
  assert.equal(leaderLines(readings, "in"), "-25 in: 1 7/8 in\n0 in: 2 in\n25 in: 1/16 in");
  assert.deepEqual([...readingsOf("−60: 4.5", "cm")], [[-60, 45]]);
  assert.equal(plain(45, "cm"), "4.5 cm");
  assert.deepEqual([...readingsOf("left: much", "in")], []);
});

test("an edge that is pulled tells the curl, the middle tells how flat it lies", () => {
  assert.deepEqual([-40, -12, 0, 12, 13].map(curlOf), ["to-front", "none", "none", "none", "to-back"]);
  assert.deepEqual([0, 3, -8, 20].map(flatnessOf), ["flat", "flat", "rippled", "not-flat"]);
  const flat = outline(0, 0).split(" ");
  assert.ok(flat.every((point) => point.endsWith(",70.0")));
  assert.ok(outline(34, 0).endsWith(",104.0"), "its ends hang to the back");
});
