// Keeps the log of a run on this device: entries are stored here first, and sent until the server has them. Each has a
// key made here, so that it counts once however often it is sent.

/**
 * @typedef {{key: string, kind: string, step: string | null, at: number, data: Record<string, any>, person?: string}} Entry
 */

/** A key that nobody else makes, also where the page is not served by https. */
function newKey() {
  const random = crypto.getRandomValues(new Uint8Array(12));
  return Date.now().toString(36).padStart(9, "0") + Array.from(random, (byte) => (byte % 36).toString(36)).join("");
}

export class Log {
  /** @type {Map<string, Entry>} */
  #known = new Map();
  /** @type {Map<string, Entry>} */
  #waiting = new Map();
  #last = 0;
  #prefix;
  #isSending = false;
  /** Whether the server answered the last time. */
  isConnected = true;
  /** Whether a sign-in is wanted before anything more is taken. */
  isShutOut = false;
  isEnded = false;

  /**
   * @param {{run: string, url: string, token: string}} where
   * @param {() => void} changed called whenever there is something new to show
   */
  constructor(where, changed) {
    this.where = where;
    this.changed = changed;
    this.#prefix = `schwung-log:${where.run}:`;
    this.#bringBack();
  }

  #bringBack() {
    const kept = localStorage.getItem(this.#prefix + "known");
    if (kept !== null) {
      const { last, entries } = JSON.parse(kept);
      this.#last = last;
      this.#known = new Map(entries.map((/** @type {Entry} */ entry) => [entry.key, entry]));
    }
    /** @type {Entry[]} */
    const waiting = [];
    for (let i = 0; i < localStorage.length; i += 1) {
      const name = localStorage.key(i) ?? "";
      if (name.startsWith(this.#prefix + "waits:")) {
        waiting.push(JSON.parse(localStorage.getItem(name) ?? "null"));
      }
    }
    // The store gives them in any order; they are sent in that of writing.
    waiting.sort((one, other) => one.at - other.at);
    this.#waiting = new Map(waiting.map((entry) => [entry.key, entry]));
  }

  /** All entries, those of this device that the server has not yet among them, in the order of writing. */
  get entries() {
    return [...this.#known.values(), ...this.#waiting.values()].sort(
      (one, other) => one.at - other.at || (one.key < other.key ? -1 : 1),
    );
  }

  get waiting() {
    return this.#waiting.size;
  }

  /**
   * @param {string} kind
   * @param {string | null} step
   * @param {Record<string, any>} data
   */
  add(kind, step, data = {}) {
    const newest = this.entries.at(-1)?.at ?? 0;
    // Two entries of one moment keep their order, and a clock that was set back does not put one before the last.
    const entry = { key: newKey(), kind, step, at: Math.max(Date.now(), newest + 1), data };
    this.#waiting.set(entry.key, entry);
    try {
      localStorage.setItem(`${this.#prefix}waits:${entry.key}`, JSON.stringify(entry));
    } catch {
      // A full store loses nothing while the page stays open: it is sent from here.
    }
    this.changed();
    this.sync();
  }

  /** Sends what waits and takes in what is new; of several calls at once one is carried out. */
  async sync() {
    if (this.#isSending || this.isShutOut) {
      return;
    }
    this.#isSending = true;
    const sent = [...this.#waiting.values()];
    try {
      const answer = await this.#ask(sent);
      if (answer.redirected || answer.status === 401 || answer.status === 403) {
        this.isShutOut = true;
      } else if (answer.ok) {
        this.#takeIn(await answer.json(), sent);
      }
      this.isConnected = answer.status < 500;
    } catch {
      this.isConnected = false;
    } finally {
      this.#isSending = false;
      this.changed();
    }
  }

  /** @param {Entry[]} sent */
  #ask(sent) {
    const signal = AbortSignal.timeout(8000);
    if (sent.length === 0) {
      return fetch(`${this.where.url}?run=${this.where.run}&after=${this.#last}`, { signal });
    }
    const body = new URLSearchParams({
      _token: this.where.token,
      run: this.where.run,
      entries: JSON.stringify(sent),
      now: String(Date.now()),
      after: String(this.#last),
    });
    return fetch(this.where.url, { method: "POST", body, signal });
  }

  /**
   * @param {{entries: Entry[], last: number, ended: boolean}} answer
   * @param {Entry[]} sent
   */
  #takeIn(answer, sent) {
    for (const entry of answer.entries) {
      this.#known.set(entry.key, entry);
    }
    this.#last = answer.last;
    this.isEnded = answer.ended;
    if (answer.entries.length > 0) {
      const entries = [...this.#known.values()];
      try {
        localStorage.setItem(this.#prefix + "known", JSON.stringify({ last: this.#last, entries }));
      } catch {
        // It is asked for again when the page is opened.
      }
    }
    for (const { key } of sent) {
      this.#forget(key);
    }
  }

  /** @param {string} key */
  #forget(key) {
    this.#waiting.delete(key);
    localStorage.removeItem(`${this.#prefix}waits:${key}`);
  }
}
