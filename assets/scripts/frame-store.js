// Where the logs of runs lie on this device, by person and run: entries that the server has not yet, each for itself,
// and what the server has of a run. In IndexedDB, which holds more photos than a day brings and is written through to
// disk.
import { openDB } from "idb";

const earlier = "schwung-log:";

/**
 * @typedef {import("./frame-log.js").Entry} Entry
 * @typedef {{person: string, run: string, url: string, entry: Entry, key: string}} Waiting
 * @typedef {{last: number, entries: Entry[], own: string[]}} Known
 */

/** Rejected where the browser keeps nothing for us. */
const opening = openDB("schwung", 1, {
  upgrade(database) {
    database.createObjectStore("waiting", { keyPath: ["person", "run", "key"] });
    database.createObjectStore("known", { keyPath: ["person", "run"] });
  },
  // A newer version of the application, in another tab, does not wait for this one.
  blocking: (_current, _wanted, event) => /** @type {IDBDatabase} */ (event.target).close(),
});
// Whoever reads or writes is told; nobody else.
opening.catch(() => {});

const ofRun = (/** @type {string} */ person, /** @type {string} */ run) =>
  IDBKeyRange.bound([person, run], [person, run, []]);

/**
 * What lies here of a run; entries in the order of writing.
 *
 * @param {string} person
 * @param {string} run
 * @param {string} url where the run's entries go
 * @returns {Promise<{known: Known | undefined, waiting: Entry[]}>}
 */
export async function readRun(person, run, url) {
  await adopt(person, run, url);
  const database = await opening;
  const [known, waiting] = await Promise.all([
    database.get("known", [person, run]),
    database.getAll("waiting", ofRun(person, run)),
  ]);
  const entries = waiting.map((/** @type {Waiting} */ { entry }) => entry);
  return { known, waiting: entries.sort((/** @type {Entry} */ one, /** @type {Entry} */ other) => one.at - other.at) };
}

/**
 * Rejected where there is no room, also after copies of what the server has were dropped.
 *
 * @param {string} person
 * @param {string} run
 * @param {string} url
 * @param {Entry} entry
 */
export async function keepEntry(person, run, url, entry) {
  const database = await opening;
  const write = async () => {
    const transaction = database.transaction("waiting", "readwrite", { durability: "strict" });
    await Promise.all([transaction.store.put({ person, run, key: entry.key, url, entry }), transaction.done]);
  };
  try {
    await write();
  } catch {
    await dropCopies(person, run);
    await write();
  }
}

/**
 * @param {string} person
 * @param {string} run
 * @param {string[]} keys
 */
export async function forgetEntries(person, run, keys) {
  const transaction = (await opening).transaction("waiting", "readwrite");
  await Promise.all([...keys.map((key) => transaction.store.delete([person, run, key])), transaction.done]);
}

/**
 * @param {string} person
 * @param {string} run
 * @param {Known} known
 */
export async function keepKnown(person, run, known) {
  await (await opening).put("known", { person, run, ...known });
}

/**
 * What the server has is fetched again when it is wanted: such copies make room for what it has not.
 *
 * @param {string} person whose copy of the run at hand stays; nobody's where it is empty
 * @param {string} run
 */
export async function dropCopies(person = "", run = "") {
  const transaction = (await opening).transaction("known", "readwrite");
  for (const key of await transaction.store.getAllKeys()) {
    const [whose, which] = /** @type {string[]} */ (key);
    if (person === "" || whose !== person || which !== run) {
      transaction.store.delete(key);
    }
  }
  await transaction.done;
}

/** How many entries wait on this device, whoever wrote them. */
export async function countWaiting() {
  await adoptAll();
  return (await opening).count("waiting");
}

/**
 * The runs that entries of a person wait for, with where they go.
 *
 * @param {string} person
 * @returns {Promise<{run: string, url: string}[]>}
 */
export async function waitingRuns(person) {
  await adoptAll();
  const waiting = await (await opening).getAll("waiting", IDBKeyRange.bound([person], [person, []]));
  return [...new Map(waiting.map(({ run, url }) => [run, { run, url }])).values()];
}

/** Earlier versions kept entries in the local storage, by person and run; they are moved, and only then taken away. */
async function adoptAll() {
  for (const name of Object.keys(localStorage)) {
    const [, person, run, kind, key] = name.split(":");
    if (name.startsWith(earlier) && kind === "waits" && key !== undefined) {
      await move(name, person, run, localStorage.getItem(`${earlier}${person}:${run}:url`) ?? "");
    }
  }
  for (const name of Object.keys(localStorage)) {
    if (name.startsWith(earlier) && /:(known|url)$/.test(name)) {
      localStorage.removeItem(name);
    }
  }
}

/**
 * Before that they were kept by run alone; whoever opens the run sends those.
 *
 * @param {string} person
 * @param {string} run
 * @param {string} url
 */
async function adopt(person, run, url) {
  await adoptAll();
  for (const name of Object.keys(localStorage)) {
    if (name.startsWith(`${earlier}${run}:waits:`)) {
      await move(name, person, run, url);
    }
  }
}

/**
 * @param {string} name
 * @param {string} person
 * @param {string} run
 * @param {string} url
 */
async function move(name, person, run, url) {
  const entry = JSON.parse(localStorage.getItem(name) ?? "null");
  if (entry !== null) {
    await keepEntry(person, run, url, entry);
  }
  localStorage.removeItem(name);
}
