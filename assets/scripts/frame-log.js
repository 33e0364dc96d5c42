// Keeps the log of a run on this device: entries are stored here first, and sent until the server has them. Each has a
// key made here, so that it counts once however often it is sent.
import { nextBatch, patience } from "./frame-batch.js";
import { sendPieces, withoutPieces } from "./frame-pieces.js";
import { forgetEntries, keepEntry, keepKnown, readRun } from "./frame-store.js";

const pause = 30_000;
const storePatience = 4000;

/**
 * @typedef {{key: string, kind: string, step: string | null, at: number, data: Record<string, any>, person?: string}} Entry
 */

/** A key that nobody else makes, also where the page is not served by https. */
function newKey() {
  const random = crypto.getRandomValues(new Uint8Array(12));
  return Date.now().toString(36).padStart(9, "0") + Array.from(random, (byte) => (byte % 36).toString(36)).join("");
}

/** @param {Response} answer */
async function reason(answer) {
  try {
    return String((await answer.json()).error);
  } catch {
    return `The server refused it (${answer.status}).`;
  }
}

export class Log {
  /** @type {Map<string, Entry>} */
  #known = new Map();
  /** @type {Map<string, Entry>} */
  #waiting = new Map();
  /** Those that this device's store is still writing. @type {Set<string>} */
  #writing = new Set();
  /** Those that found no room in it: they live as long as the page does. @type {Set<string>} */
  #unkept = new Set();
  #last = 0;
  /** What was written here and reached the server, should it ever forget. @type {Set<string>} */
  #own = new Set();
  #isSending = false;
  /** Whether the server answered the last time. */
  isConnected = true;
  /** Whether a sign-in is wanted before anything more is taken. */
  isShutOut = false;
  isEnded = false;
  /** Why the server took nothing, though it answered. */
  refusal = "";
  /** Nothing is sent before, so that a server that refused is left in peace for a while. */
  #pausedUntil = 0;

  /**
   * @param {{person: string, run: string, url: string, token: string}} where what a person wrote is sent by nobody else
   * @param {() => void} changed called whenever there is something new to show
   */
  constructor(where, changed) {
    this.where = where;
    this.changed = changed;
  }

  /**
   * The log of a run with what this device has of it; empty where its store cannot be read.
   *
   * @param {{person: string, run: string, url: string, token: string}} where
   * @param {() => void} changed
   */
  static async open(where, changed) {
    const log = new Log(where, changed);
    // A store that does not answer keeps nobody from the next step.
    const late = new Promise((_, reject) => setTimeout(reject, storePatience));
    try {
      const { known, waiting } = await Promise.race([readRun(where.person, where.run, where.url), late]);
      log.#bringBack(known, waiting);
    } catch {
      // What is written from here on is told to be unkept.
    }
    return log;
  }

  /**
   * @param {import("./frame-store.js").Known | undefined} known
   * @param {Entry[]} waiting in the order of writing
   */
  #bringBack(known, waiting) {
    if (known !== undefined) {
      this.#last = known.last;
      this.#own = new Set(known.own);
      this.#known = new Map(known.entries.map((entry) => [entry.key, entry]));
    }
    this.#waiting = new Map(waiting.map((entry) => [entry.key, entry]));
  }

  /**
   * All entries in the order of writing. Those that the server has are timed by its clock and those that wait by this
   * device's: whatever these say, what waits was written after what is known here.
   */
  get entries() {
    const inOrder = (/** @type {Map<string, Entry>} */ entries) =>
      [...entries.values()].sort((one, other) => one.at - other.at || (one.key < other.key ? -1 : 1));
    return [...inOrder(this.#known), ...inOrder(this.#waiting)];
  }

  get waiting() {
    return this.#waiting.size;
  }

  /** How many found no room on this device. */
  get unkept() {
    return this.#unkept.size;
  }

  /** Whether nothing would be lost if the page were closed now. */
  get isSafe() {
    return this.#unkept.size === 0 && this.#writing.size === 0;
  }

  /**
   * @param {string} kind
   * @param {string | null} step
   * @param {Record<string, any>} data
   */
  add(kind, step, data = {}) {
    const newest = Math.max(0, ...this.entries.map((entry) => entry.at));
    // Two entries of one moment keep their order, and a clock that was set back does not put one before the last.
    const entry = { key: newKey(), kind, step, at: Math.max(Date.now(), newest + 1), data };
    this.#waiting.set(entry.key, entry);
    this.#keep(entry);
    this.changed();
    this.sync();
  }

  /** @param {Entry} entry */
  async #keep(entry) {
    const { person, run, url } = this.where;
    this.#writing.add(entry.key);
    try {
      await keepEntry(person, run, url, entry);
    } catch {
      // It may have been sent meanwhile.
      if (this.#waiting.has(entry.key)) {
        this.#unkept.add(entry.key);
      }
    }
    this.#writing.delete(entry.key);
    if (!this.#waiting.has(entry.key)) {
      await this.#clear([entry.key]);
    }
    this.changed();
  }

  /** @param {string[]} keys */
  async #clear(keys) {
    try {
      await forgetEntries(this.where.person, this.where.run, keys);
    } catch {
      // It is sent once more when the page is opened again, and counts once.
    }
  }

  /** Sends what waits, portion by portion, and takes in what is new; of several calls at once one is carried out. */
  async sync() {
    if (this.#isSending || this.isShutOut) {
      return;
    }
    this.#isSending = true;
    try {
      while ((await this.#exchange()) && this.#waiting.size > 0) {
        this.changed();
      }
    } catch {
      this.isConnected = false;
    } finally {
      this.#isSending = false;
      this.changed();
    }
  }

  /** @returns {Promise<boolean>} whether something was sent and taken */
  async #exchange() {
    const sent = Date.now() < this.#pausedUntil ? [] : nextBatch([...this.#waiting.values()]);
    const answer = (await sendPieces(this.where, sent)) ?? (await this.#ask(withoutPieces(sent)));
    this.isConnected = answer.status < 500;
    this.isShutOut = answer.redirected || answer.status === 401 || answer.status === 403;
    const isTaken = answer.ok && !this.isShutOut;
    if (isTaken) {
      this.#takeIn(await answer.json(), sent);
      this.refusal = sent.length === 0 ? this.refusal : "";
    } else if (this.isConnected && !this.isShutOut) {
      this.refusal = await reason(answer);
      this.#pausedUntil = Date.now() + pause;
    }
    return isTaken && sent.length > 0;
  }

  /** @param {Entry[]} sent */
  #ask(sent) {
    if (sent.length === 0) {
      const signal = AbortSignal.timeout(patience(""));
      return fetch(`${this.where.url}?run=${this.where.run}&after=${this.#last}`, { signal });
    }
    const body = new URLSearchParams({
      _token: this.where.token,
      person: this.where.person,
      run: this.where.run,
      entries: JSON.stringify(sent),
      now: String(this.#clock()),
      after: String(this.#last),
      follows: this.#before(sent[0].key),
    });
    return fetch(this.where.url, { method: "POST", body, signal: AbortSignal.timeout(patience(String(body))) });
  }

  /**
   * The last entry of this device that the server has and that was written before another; empty where none was. The
   * server sets each post to its own clock, by as much as that post took: it keeps the order by this.
   *
   * @param {string} key
   */
  #before(key) {
    return [...this.#own].reduce((last, own) => (own < key && own > last ? own : last), "");
  }

  /**
   * A clock that was set back since something was written: all that waits lies before this, at its distances.
   */
  #clock() {
    return Math.max(Date.now(), ...[...this.#waiting.values()].map((entry) => entry.at));
  }

  /**
   * @param {{entries: Entry[], last: number, ended: boolean, count: number, highest: number}} answer
   * @param {Entry[]} sent
   */
  #takeIn(answer, sent) {
    for (const entry of answer.entries) {
      this.#known.set(entry.key, entry);
    }
    this.#last = answer.last;
    this.isEnded = answer.ended;
    for (const { key } of sent) {
      this.#own.add(key);
      this.#waiting.delete(key);
      this.#unkept.delete(key);
    }
    this.#clear(sent.map(({ key }) => key));
    if (answer.highest < this.#last || answer.count < this.#known.size) {
      this.#bringToMind();
    }
    if (answer.entries.length > 0) {
      this.#store();
    }
  }

  /** The server was put back to an earlier state: what was written here is sent again, and all is fetched anew. */
  #bringToMind() {
    for (const entry of this.#known.values()) {
      if (this.#own.has(entry.key)) {
        this.#waiting.set(entry.key, entry);
        this.#keep(entry);
      }
    }
    this.#known.clear();
    this.#last = 0;
    this.#store();
  }

  async #store() {
    try {
      await keepKnown(this.where.person, this.where.run, {
        last: this.#last,
        entries: [...this.#known.values()],
        own: [...this.#own],
      });
    } catch {
      // It is asked for again when the page is opened.
    }
  }
}
