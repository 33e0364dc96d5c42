// Reads a log the way the server does: which steps are done, and how the frame stands.

/**
 * @typedef {import("./frame-log.js").Entry} Entry
 * @typedef {{key: string, pass: number, kind: string, rows: number | null, leaves: Record<string, string>, needs: Record<string, string>}} Step
 */

/**
 * What was corrected stays in the log and counts no more.
 * @param {Entry[]} entries
 */
export function standing(entries) {
  const corrected = new Set(entries.filter((entry) => entry.kind === "correction").map((entry) => entry.data.of));
  return entries.filter((entry) => !corrected.has(entry.key));
}

/**
 * @param {Step[]} steps
 * @param {Entry[]} all in order of writing
 * @param {Record<string, string>} start how the frame stood before
 * @param {Record<string, string[]>} words what each part can be; of what is counted none
 */
export function fold(steps, all, start, words) {
  const entries = standing(all);
  /** @type {Map<string, Entry>} */
  const done = new Map();
  for (const entry of entries) {
    if (entry.kind === "done" && entry.step !== null && !done.has(entry.step)) {
      done.set(entry.step, entry);
    } else if (entry.kind === "undone" && entry.step !== null) {
      done.delete(entry.step);
    }
  }
  const byKey = new Map(steps.map((step) => [step.key, step]));
  let state = { ...start };
  /** @type {Record<string, string> | null} */
  let before = null;
  for (const entry of entries) {
    if (entry.kind === "done" && entry.step !== null && done.get(entry.step) === entry) {
      Object.assign(state, only(byKey.get(entry.step)?.leaves ?? {}, start));
    } else if (entry.kind === "park") {
      // Twice parked, it comes back to how it stood before the first.
      before ??= state;
      state = { ...before, ...only(slackened(entry.data?.for), start) };
    } else if (entry.kind === "resume") {
      [state, before] = [before ?? state, null];
    } else if (entry.kind === "firmness") {
      Object.assign(state, only(felt(entry.data), start));
    } else if (
      entry.kind === "state" &&
      entry.data.part in start &&
      accepts(words[entry.data.part] ?? [], entry.data.is)
    ) {
      state[entry.data.part] = entry.data.is;
    }
  }
  // What a plan asks for before the first stitch is past once that is stitched.
  const begun = Math.max(
    0,
    steps.findIndex((step) => step.kind === "stitch" && done.has(step.key)),
  );
  const place = steps.findIndex((step, i) => i >= begun && !done.has(step.key));
  const pauses = entries.filter((entry) => entry.kind === "park" || entry.kind === "resume");
  return {
    done,
    state,
    place: place === -1 ? steps.length : place,
    isParked: pauses.at(-1)?.kind === "park",
    parkedFor: pauses.filter((entry) => entry.kind === "park").at(-1)?.data?.for ?? "overnight",
    lastWork: entries.filter((entry) => ["done", "resume"].includes(entry.kind)).at(-1)?.at ?? null,
    left: left(steps, done, ticked(entries)),
    ticked: ticked(entries),
  };
}

/**
 * @param {string[]} words
 * @param {string} value
 */
function accepts(words, value) {
  return words.length === 0 ? /^\d{1,3}$/.test(value) : words.includes(value);
}

/**
 * By the slackest place of both layers; a feel that is not whole says nothing.
 * @param {{backing?: number[], top?: number[]}} data
 * @returns {Record<string, string>}
 */
function felt({ backing = [], top = [] }) {
  if (backing.length !== 3 || top.length !== 3) {
    return {};
  }
  const least = Math.min(...backing, ...top);
  return { firmness: least === 1 ? "loose" : least === 2 ? "softer" : "firm" };
}

/** How a frame stands while its quilt is parked. @param {string | undefined} time */
function slackened(time) {
  const isLong = time === "days" || time === "weeks";
  return { "side clamps": "off", ...(isLong ? { firmness: "slack" } : {}) };
}

/**
 * A part that this frame lacks is never left in any state.
 * @param {Record<string, string>} leaves
 * @param {Record<string, string>} start
 */
function only(leaves, start) {
  return Object.fromEntries(Object.entries(leaves).filter(([part]) => part in start));
}

/** Rows that were ticked of a step, in halves. @param {Entry[]} entries */
function ticked(entries) {
  /** @type {Map<string, number>} */
  const rows = new Map();
  for (const entry of entries.filter((one) => one.kind === "rows" && one.step !== null)) {
    rows.set(entry.step ?? "", Number(entry.data?.rows ?? 0));
  }
  return rows;
}

/**
 * @param {Step[]} steps
 * @param {Map<string, Entry>} done
 * @param {Map<string, number>} ticks
 */
function left(steps, done, ticks) {
  /** @type {Map<number, {isDone: boolean, rows: number | null, ticked: number}>} */
  const passes = new Map();
  for (const step of steps.filter((candidate) => candidate.kind === "stitch")) {
    const before = passes.get(step.pass);
    const isDone = done.has(step.key);
    const rows = isDone ? Infinity : (ticks.get(step.key) ?? 0);
    passes.set(step.pass, {
      isDone: (before?.isDone ?? true) && isDone,
      rows: step.rows,
      ticked: Math.min(before?.ticked ?? Infinity, rows),
    });
  }
  const open = [...passes.values()].filter((pass) => !pass.isDone);
  const rows = open.every((pass) => pass.rows !== null)
    ? open.reduce((sum, pass) => sum + Math.max(0, (pass.rows ?? 0) - pass.ticked), 0)
    : null;
  return { passes: open.length, rows };
}
