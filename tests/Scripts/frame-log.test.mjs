// What a device does with a server that is slow, full, or put back to an earlier day.
import assert from "node:assert/strict";
import { beforeEach, test } from "node:test";

const where = { person: "p", run: "r", url: "/entries", token: "t" };
const shelf = {};
/** @type {Map<string, object>} */
let server = new Map();
/** @type {URLSearchParams[]} */
let posts = [];

globalThis.localStorage = new Proxy(shelf, {
  get: (target, name) =>
    ({
      getItem: (/** @type {string} */ key) => target[key] ?? null,
      setItem: (/** @type {string} */ key, /** @type {string} */ text) => {
        target[key] = text;
      },
      removeItem: (/** @type {string} */ key) => delete target[key],
    })[name],
});

globalThis.fetch = async (url, { body } = {}) => {
  if (body) {
    posts.push(body);
    for (const entry of JSON.parse(body.get("entries"))) {
      server.set(entry.key, server.get(entry.key) ?? { ...entry, person: "Somebody" });
    }
  }
  const after = Number(body?.get("after") ?? new URL(url, "http://here").searchParams.get("after"));
  const entries = [...server.values()].slice(after);
  return Response.json({
    entries,
    last: entries.length === 0 ? after : server.size,
    ended: false,
    count: server.size,
    highest: server.size,
  });
};

const { Log } = await import("../../assets/scripts/frame-log.js");
const open = () => new Log(where, () => {});
const settled = async (/** @type {InstanceType<typeof Log>} */ log) => {
  for (let i = 0; i < 5; i += 1) {
    await new Promise((resolve) => setTimeout(resolve, 1));
    await log.sync();
  }
};

beforeEach(() => {
  Object.keys(shelf).forEach((name) => delete shelf[name]);
  server = new Map();
  posts = [];
});

test("what the server forgot is sent again, by the device that wrote it and by no other", async () => {
  server.set("others", { key: "others", kind: "note", step: null, at: 1, data: {} });
  const log = open();
  log.add("note", null, { text: "one" });
  log.add("note", null, { text: "two" });
  await settled(log);
  assert.equal(server.size, 3);

  server = new Map();
  const again = open();
  await settled(again);
  assert.deepEqual(
    [...server.values()].map(({ data }) => data.text),
    ["one", "two"],
  );
  assert.equal(again.waiting, 0);
  assert.equal(again.entries.length, 2);
});

test("a clock that was set back moves all that waits together", async (t) => {
  const log = open();
  log.isShutOut = true;
  t.mock.method(Date, "now", () => 9_000_000);
  log.add("note", null, { text: "one" });
  log.add("note", null, { text: "two" });
  Date.now.mock.mockImplementation(() => 5_000_000);
  log.isShutOut = false;
  await log.sync();

  assert.equal(posts[0].get("now"), "9000001", "the newest was written just now, the other a moment before");
});

test("what an earlier version kept is sent and cleared", async () => {
  const entry = { key: "old-00000001", kind: "note", step: null, at: 5, data: { text: "kept by run" } };
  shelf["schwung-log:r:waits:old-00000001"] = JSON.stringify(entry);
  const log = open();
  assert.equal(log.waiting, 1);
  await settled(log);

  assert.deepEqual([...server.keys()], ["old-00000001"]);
  assert.equal(shelf["schwung-log:r:waits:old-00000001"], undefined);
});

test("hundreds go out in several posts, and each counts once", async () => {
  const log = open();
  log.isShutOut = true;
  for (let i = 0; i < 250; i += 1) {
    log.add("note", null, { text: String(i) });
  }
  log.isShutOut = false;
  await settled(log);

  assert.equal(posts.length, 3);
  assert.equal(server.size, 250);
  assert.deepEqual(
    Object.keys(shelf).filter((name) => !name.endsWith(":known")),
    [],
  );
});
