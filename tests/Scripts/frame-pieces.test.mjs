// A photo on a line that breaks: what has arrived is not sent again.
import assert from "node:assert/strict";
import { beforeEach, test } from "node:test";
import { sendPieces, withoutPieces } from "../../assets/scripts/frame-pieces.js";

const where = { person: "p", run: "r", url: "/quilts/q/frame/entries", token: "t" };
const photo = "data:image/jpeg;base64," + "x".repeat(200_000);
const entry = (/** @type {Record<string, any>} */ data) => ({
  key: "photo-1",
  kind: "problem",
  step: null,
  at: 1,
  data,
});
let arrived = "";
/** @type {{url: string, offset: number, length: number}[]} */
let posts = [];
/** After so many posts the line is dead. */
let breaksAfter = Infinity;

globalThis.fetch = async (url, { body }) => {
  if (posts.length >= breaksAfter) {
    throw new TypeError("The line is dead.");
  }
  const [offset, piece] = [Number(body.get("offset")), body.get("piece")];
  posts.push({ url, offset, length: piece.length });
  arrived += offset === arrived.length ? piece : "";
  return Response.json({ have: arrived.length });
};

beforeEach(() => {
  [arrived, posts, breaksAfter] = ["", [], Infinity];
});

test("a large photo goes in pieces, and its entry without it", async () => {
  const sent = [entry({ photo, layer: "top" })];
  assert.equal(await sendPieces(where, sent), null);
  assert.equal(arrived, photo);
  assert.deepEqual(
    posts.map(({ offset, length }) => [offset, length]),
    [
      [0, 0],
      [0, 65_536],
      [65_536, 65_536],
      [131_072, 65_536],
      [196_608, photo.length - 196_608],
    ],
  );
  assert.equal(posts[0].url, "/quilts/q/frame/photo-piece");
  assert.deepEqual(withoutPieces(sent)[0].data, { photo: "in pieces", layer: "top" });
  assert.equal(sent[0].data.photo, photo, "on the device it stays whole");
});

test("after a line that broke it goes on where it stopped", async () => {
  breaksAfter = 3;
  await assert.rejects(sendPieces(where, [entry({ photo })]));
  breaksAfter = Infinity;
  posts = [];
  await sendPieces(where, [entry({ photo })]);
  assert.equal(arrived, photo);
  assert.deepEqual(
    posts.map(({ offset }) => offset),
    [0, 131_072, 196_608],
  );
});

test("a small photo, a word and nothing go as they are", async () => {
  for (const sent of [[entry({ photo: "data:small" })], [entry({ text: "word" })], []]) {
    assert.equal(await sendPieces(where, sent), null);
    assert.equal(withoutPieces(sent), sent);
  }
  assert.equal(posts.length, 0);
});

test("a server that refuses is listened to", async (t) => {
  t.mock.method(globalThis, "fetch", async () => Response.json({ error: "Many photos." }, { status: 429 }));
  const answer = await sendPieces(where, [entry({ photo })]);
  assert.equal(answer?.status, 429);
});
