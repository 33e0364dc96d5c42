// What a device does with a server that is slow, full, or put back to an earlier day.
import assert from "node:assert/strict";
import { beforeEach, test } from "node:test";
import "fake-indexeddb/auto";
import { openDB } from "idb";

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
const { countWaiting, dropCopies, readRun, waitingRuns } = await import("../../assets/scripts/frame-store.js");
const open = (whose = where) => Log.open(whose, () => {});
/** Leaves no room in the store, or none but for what replaces copies. */
const fill = (t, isFull = () => true) => {
  const put = IDBObjectStore.prototype.put;
  t.mock.method(IDBObjectStore.prototype, "put", function (value, ...rest) {
    if (this.name === "waiting" && isFull()) {
      throw new DOMException("No room.", "QuotaExceededError");
    }
    return put.call(this, value, ...rest);
  });
};
const stored = async () => (await readRun(where.person, where.run, where.url)).waiting;
const settled = async (/** @type {InstanceType<typeof Log>} */ log) => {
  for (let i = 0; i < 5; i += 1) {
    await new Promise((resolve) => setTimeout(resolve, 1));
    await log.sync();
  }
};

beforeEach(async () => {
  Object.keys(shelf).forEach((name) => delete shelf[name]);
  await new Promise((resolve) => setTimeout(resolve, 5));
  const database = await openDB("schwung", 1);
  await Promise.all(["waiting", "known"].map((name) => database.clear(name)));
  database.close();
  server = new Map();
  posts = [];
});

test("what the server forgot is sent again, by the device that wrote it and by no other", async () => {
  server.set("others", { key: "others", kind: "note", step: null, at: 1, data: {} });
  const log = await open();
  log.add("note", null, { text: "one" });
  log.add("note", null, { text: "two" });
  await settled(log);
  assert.equal(server.size, 3);

  server = new Map();
  const again = await open();
  await settled(again);
  assert.deepEqual(
    [...server.values()].map(({ data }) => data.text),
    ["one", "two"],
  );
  assert.equal(again.waiting, 0);
  assert.equal(again.entries.length, 2);
});

test("what is written while a slow post is under way stays behind it, and names what it follows", async (t) => {
  const log = await open();
  const ask = globalThis.fetch;
  const seen = [];
  const steps = () => log.entries.map(({ step }) => step);
  let arrive = () => {};
  const slow = new Promise((resolve) => {
    arrive = resolve;
  });
  t.mock.method(globalThis, "fetch", async (url, options) => {
    seen.push(steps());
    await slow;
    const answer = await (await ask(url, options)).json();
    // The server takes what a post brings for written when it came.
    return Response.json({ ...answer, entries: answer.entries.map((entry) => ({ ...entry, at: entry.at + 6000 })) });
  });
  log.add("done", "set-basting");
  await new Promise((resolve) => setTimeout(resolve, 5));
  log.add("done", "set-back");
  arrive();
  await settled(log);

  assert.deepEqual(seen.slice(0, 2), [["set-basting"], ["set-basting", "set-back"]]);
  assert.deepEqual(steps(), ["set-basting", "set-back"]);
  assert.deepEqual(
    posts.map((post) => post.get("follows")),
    ["", log.entries[0].key],
  );
  log.isShutOut = true;
  log.add("done", "room");
  assert.ok(log.entries[2].at > log.entries[1].at, "its own clock is behind the server's");
});

test("a clock that was set back moves all that waits together", async (t) => {
  const log = await open();
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
  const log = await open();
  assert.equal(log.waiting, 1);
  await settled(log);

  assert.deepEqual([...server.keys()], ["old-00000001"]);
  assert.deepEqual(Object.keys(shelf), []);
  assert.deepEqual(await stored(), []);
});

test("what the version after that kept by person is sent by that person from any page", async () => {
  const entry = { key: "old-00000002", kind: "note", step: null, at: 5, data: { text: "kept by person" } };
  shelf["schwung-log:p:r:waits:old-00000002"] = JSON.stringify(entry);
  shelf["schwung-log:p:r:url"] = "/entries";
  shelf["schwung-log:p:r:known"] = JSON.stringify({ last: 3, entries: [] });

  assert.deepEqual(await waitingRuns("p"), [{ run: "r", url: "/entries" }]);
  assert.deepEqual(Object.keys(shelf), []);
});

test("hundreds go out in several posts, and each counts once", async () => {
  const log = await open();
  log.isShutOut = true;
  for (let i = 0; i < 250; i += 1) {
    log.add("note", null, { text: String(i) });
  }
  log.isShutOut = false;
  await settled(log);

  assert.equal(posts.length, 3);
  assert.equal(server.size, 250);
  assert.deepEqual(await stored(), []);
});

test("what is written is kept for its person and run, and comes back in the order of writing", async () => {
  const log = await open();
  log.isShutOut = true;
  log.add("note", null, { text: "one" });
  log.add("note", null, { text: "two" });
  assert.equal(log.isSafe, false, "until the store has it");
  await new Promise((resolve) => setTimeout(resolve, 20));
  assert.equal(log.isSafe, true);

  const texts = ({ entries }) => entries.map(({ data }) => data.text);
  assert.deepEqual(texts(await open()), ["one", "two"]);
  assert.deepEqual(texts(await open({ ...where, person: "q" })), []);
  assert.deepEqual(texts(await open({ ...where, run: "s" })), []);
  assert.equal(await countWaiting(), 2);
  assert.deepEqual(await waitingRuns("p"), [{ run: "r", url: "/entries" }]);
  assert.deepEqual(await waitingRuns("q"), []);
});

test("what found no room is told, and sent while the page lives", async (t) => {
  fill(t);
  const log = await open();
  log.isShutOut = true;
  log.add("note", null, { text: "one" });
  await new Promise((resolve) => setTimeout(resolve, 20));
  assert.deepEqual([log.unkept, log.isSafe, (await stored()).length], [1, false, 0]);

  log.isShutOut = false;
  await settled(log);
  assert.deepEqual([log.unkept, log.isSafe, server.size], [0, true, 1]);
});

test("copies of what the server has make room for what it has not", async (t) => {
  const other = await open({ ...where, run: "another" });
  other.add("note", null, { text: "sent long ago" });
  await settled(other);
  assert.notEqual((await readRun("p", "another", "")).known, undefined);
  let tries = 0;
  fill(t, () => (tries += 1) === 1);
  const log = await open();
  log.isShutOut = true;
  log.add("note", null, { text: "one" });
  await new Promise((resolve) => setTimeout(resolve, 20));

  assert.equal(log.unkept, 0);
  assert.equal((await readRun("p", "another", "")).known, undefined);
});

test("at the door copies go, and what waits stays", async () => {
  const log = await open();
  log.add("note", null, { text: "sent" });
  await settled(log);
  log.isShutOut = true;
  log.add("note", null, { text: "waits" });
  await new Promise((resolve) => setTimeout(resolve, 20));
  await dropCopies();

  const { known, waiting } = await readRun("p", "r", "/entries");
  assert.equal(known, undefined);
  assert.deepEqual(
    waiting.map(({ data }) => data.text),
    ["waits"],
  );
});

test("an entry that was sent before the store had it does not stay there", async () => {
  const log = await open();
  log.add("note", null, { text: "quick" });
  await settled(log);
  await new Promise((resolve) => setTimeout(resolve, 20));
  assert.deepEqual(await stored(), []);
});
