// At the frame: shows one step at a time, takes what happens, and stays in step with every other device.
import { listen } from "./devices.js";
import { watchAids } from "./frame-aids.js";
import { fold } from "./frame-fold.js";
import { watchKeys } from "./frame-keys.js";
import { Log } from "./frame-log.js";
import { watchProblem } from "./frame-problem.js";
import { Readings } from "./frame-readings.js";
import { watchTicks } from "./frame-ticks.js";
import { keepPage } from "./keep-page.js";

/** "pins and holders:0;side clamps:off", by part. @param {string} text @returns {Record<string, string>} */
const pairs = (text) => Object.fromEntries(text === "" ? [] : text.split(";").map((pair) => pair.split(":")));

const root = /** @type {HTMLElement} */ (document.getElementById("frame"));
const { units = "in", fraction = "8", drift: driftUrl = "", told: toldUrl = "" } = root.dataset;
const readings = new Readings(units, Number(fraction));
const start = JSON.parse(root.dataset.start ?? "{}");
const sections = /** @type {HTMLElement[]} */ ([...root.querySelectorAll("[data-step]")]);
const steps = sections
  .filter((section) => section.dataset.step !== "")
  .map((section) => ({
    key: section.dataset.step ?? "",
    pass: Number(section.dataset.pass),
    kind: section.dataset.kind ?? "",
    rows: section.dataset.rows === "" ? null : Number(section.dataset.rows),
    leaves: pairs(section.dataset.leaves ?? ""),
    needs: pairs(section.dataset.needs ?? ""),
  }));
const aids = watchAids(root);
watchTicks(root);
const log = await Log.open(
  {
    person: document.body.dataset.person ?? "",
    run: root.dataset.run ?? "",
    url: root.dataset.entries ?? "",
    token: document.body.dataset.token ?? "",
  },
  show,
);

/** The step that is looked at where it is not the one at hand. @type {number | null} */
let looking = null;
/**
 * What lies over the step's own drawing: where the top drifts to, or what readings say of roll, width, slant and
 * strain.
 *
 * @type {"" | "drift" | "told"}
 */
let overlay = "";
let isStateOpen = false;
/** How many entries an overlay was asked of last. */
const asked = { drift: 0, told: -1 };
let turned = 0;
let lastPlace = -1;

const one = (/** @type {string} */ selector) => /** @type {HTMLElement} */ (root.querySelector(selector));
/** What each part of the frame can be, as its buttons say. @type {Record<string, string[]>} */
const words = Object.fromEntries(
  [.../** @type {NodeListOf<HTMLElement>} */ (root.querySelectorAll("[data-words]"))].map((button) => [
    button.dataset.part ?? "",
    JSON.parse(button.dataset.words ?? "[]"),
  ]),
);
const now = () => fold(steps, log.entries, start, words);
const viewed = () => Math.min(looking ?? now().place, steps.length);
/** @returns {HTMLElement} */
const section = () => sections[viewed()];
/** @param {string} id @returns {HTMLDialogElement} */
const dialog = (id) => /** @type {HTMLDialogElement} */ (document.getElementById(id));

/** @param {string} name @param {string} text */
function say(name, text) {
  const place = one(`[data-shows="${name}"]`);
  if (place.textContent !== text) {
    place.textContent = text;
  }
}

/** Says it, or takes its place away where there is nothing to say. @param {string} name @param {string} text */
function sayOrHide(name, text) {
  one(`[data-shows="${name}"]`).hidden = text === "";
  say(name, text);
}

function show() {
  const { done, state, place, left, isParked, parkedFor } = now();
  if (looking === null && place !== lastPlace) {
    turned = 0;
    overlay = "";
  }
  lastPlace = place;
  for (const [i, candidate] of sections.entries()) {
    candidate.hidden = i !== viewed();
    const mark = candidate.querySelector("[data-done]");
    if (mark) {
      /** @type {HTMLElement} */ (mark).hidden = !done.has(candidate.dataset.step ?? "");
    }
  }
  showDrawing();
  showState(state);
  showUnmet(state, place);
  const pass = passAt(viewed());
  say("pass", `Pass ${pass} of ${root.dataset.passes}`);
  say("left", leftInWords(left));
  showRows();
  say("next", viewed() < place ? "On" : viewed() === steps.length ? "Finished" : "Done, next");
  /** @type {HTMLInputElement} */ (one("[data-next] [name=step]")).value = section().dataset.step ?? "";
  for (const tick of root.querySelectorAll("[data-tick]")) {
    const key = tick.getAttribute("data-tick") ?? "";
    tick.className = key === section().dataset.step ? "now" : done.has(key) ? "done" : "";
  }
  for (const band of root.querySelectorAll("[data-pass].band")) {
    const number = Number(band.getAttribute("data-pass"));
    band.classList.toggle("band-now", number === pass);
    band.classList.toggle("band-done", number < pass);
  }
  for (const line of root.querySelectorAll("[data-basted]")) {
    line.classList.toggle("basting-now", Number(line.getAttribute("data-basted")) === pass);
  }
  for (const mark of root.querySelectorAll("[data-number]")) {
    mark.classList.toggle("strong", Number(mark.getAttribute("data-number")) === pass);
  }
  showReading();
  showWhy();
  sayOrHide("notice", notice());
  aids.sees(section());
  if (isParked && !dialog("return-dialog").open) {
    for (const list of /** @type {NodeListOf<HTMLElement>} */ (root.querySelectorAll("[data-return]"))) {
      list.hidden = list.dataset.return !== parkedFor;
    }
    dialog("return-dialog").showModal();
  } else if (!isParked && dialog("return-dialog").open) {
    dialog("return-dialog").close();
  }
  fetchDrift();
  fetchTold();
  drawAnew();
}

/** "2 passes, 3 ½ rows left", as the server says it. @param {{passes: number, rows: number | null}} left */
function leftInWords({ passes, rows }) {
  if (passes === 0) {
    return "all stitched";
  }
  const first = `${passes} ${passes === 1 ? "pass" : "passes"}`;
  if (rows === null) {
    return `${first} left`;
  }
  const whole = Math.floor(rows);
  const told = `${whole === 0 && rows > 0 ? "" : whole}${rows > whole ? " ½" : ""}`.trim();
  return `${first}, ${told} ${rows > 0 && rows <= 1 ? "row" : "rows"} left`;
}

/** Rows are ticked one by one, and a row can be left half way. */
function showRows() {
  const { ticked, done } = now();
  const key = section().dataset.step ?? "";
  const rows = done.has(key) ? Infinity : (ticked.get(key) ?? 0);
  for (const button of /** @type {NodeListOf<HTMLElement>} */ (section().querySelectorAll("[data-row]"))) {
    const row = Number(button.dataset.row);
    const isHalf = rows === row - 0.5;
    // Of a pass that is done there is nothing left to tick.
    /** @type {HTMLButtonElement} */ (button).disabled = done.has(key);
    button.setAttribute("aria-pressed", rows >= row ? "true" : isHalf ? "mixed" : "false");
    /** @type {HTMLElement} */ (button.querySelector("[data-half]")).hidden = !isHalf;
  }
}

/** Once: the row is done; again: half of it; once more: not begun. @param {number} row */
function tickRow(row) {
  const key = section().dataset.step ?? "";
  const rows = now().ticked.get(key) ?? 0;
  log.add("rows", key, { rows: rows >= row ? row - 0.5 : rows === row - 0.5 ? row - 1 : row });
}

/** The last problem can be asked about once the server has it. */
function showWhy() {
  const last = log.entries.filter((entry) => entry.kind === "problem").at(-1);
  const link = /** @type {HTMLAnchorElement} */ (root.querySelector('[data-shows="why"]'));
  link.hidden = last === undefined || last.person === undefined;
  if (last) {
    link.href = (link.dataset.href ?? "").replace("0000000000", last.key);
  }
}

/** The reading that the step asks for stands on its button until it is taken. */
function showReading() {
  const { step = "", reads = "none" } = section().dataset;
  const isTaken = log.entries.some((entry) => entry.step === step && entry.kind === reads);
  const button = one('[data-does="reading"]');
  const text = reads === "none" ? "Reading" : `Read ${reads === "release" ? "the jump" : reads}`;
  if (button.textContent !== text) {
    button.textContent = text;
  }
  button.classList.toggle("wanted", reads !== "none" && reads !== undefined && !isTaken);
}

/** The pass at a step: its own, or that of the last step before it that has one. @param {number} at */
function passAt(at) {
  const passes = steps.slice(0, at + 1).map((step) => step.pass);
  return passes.findLast((pass) => pass > 0) ?? 1;
}

function showDrawing() {
  const { picture = "", state = "" } = section().dataset;
  one(".frame-side").classList.toggle("frame-drifting", overlay !== "");
  one('[data-does="told"]').setAttribute("aria-pressed", String(overlay === "told"));
  const wanted = overlay === "" ? [picture, state] : [overlay];
  for (const drawing of /** @type {NodeListOf<HTMLElement>} */ (root.querySelectorAll("[data-drawing]"))) {
    drawing.hidden = !wanted.includes(drawing.dataset.drawing ?? "");
  }
}

/** @param {Record<string, string>} state */
function showState(state) {
  for (const button of /** @type {NodeListOf<HTMLElement>} */ (root.querySelectorAll("[data-part]"))) {
    const value = state[button.dataset.part ?? ""] ?? "";
    const shown = /** @type {HTMLElement} */ (button.querySelector("b"));
    shown.textContent = value;
    const isUnusual = !JSON.parse(button.dataset.usual ?? "[]").includes(value);
    button.classList.toggle("unusual", isUnusual);
  }
  foldState();
}

/** What stands as usual is one word until somebody asks for it: the drawing has the room. */
function foldState() {
  const more = one('[data-does="state"]');
  const usual = root.querySelectorAll("[data-part]:not(.unusual)").length;
  const all = root.querySelectorAll("[data-part]").length;
  const text = isStateOpen ? "Only what is unusual" : usual === all ? "All as usual" : `${usual} more, as usual`;
  more.hidden = usual === 0;
  more.setAttribute("aria-expanded", String(isStateOpen));
  one(".frame-state").classList.toggle("frame-folded", !isStateOpen);
  if (more.textContent !== text) {
    more.textContent = text;
  }
}

/** What this studio calls a part. @param {string} name */
const calledHere = (name) => (root.querySelector(`[data-part="${name}"] span`)?.textContent ?? name).toLowerCase();

/** Says so where the frame does not stand as the step needs it. @param {Record<string, string>} state @param {number} place */
function showUnmet(state, place) {
  const needs = looking === null ? (steps[place]?.needs ?? {}) : {};
  const wrong = Object.entries(needs).filter(([name, is]) => name in state && state[name] !== is);
  sayOrHide(
    "unmet",
    wrong.length === 0 ? "" : `First: ${wrong.map(([name, is]) => `${calledHere(name)} ${is}`).join(", ")}.`,
  );
}

/** What stands between this device and the server; empty where nothing does. */
function notice() {
  const held = log.waiting - log.unkept;
  const kept =
    (held === 0 ? "" : ` ${held} kept on this device.`) +
    (log.unkept === 0 ? "" : ` ${log.unkept} found no room on this device: leave this page open until it is sent.`);
  if (log.isShutOut) {
    // What found no room cannot be sent from here any more, and goes with the page.
    return log.unkept === 0
      ? `Signed out. Open the page again and sign in; nothing is lost.${kept}`
      : `Signed out, and this device has no room: note the last ${log.unkept} on paper, then open the page again and sign in.`;
  }
  if (!log.isConnected) {
    return `No answer from the server. Go on; it is sent when it answers.${kept}`;
  }
  if (log.refusal !== "") {
    return `${log.refusal}${kept}`;
  }
  if (log.unkept > 0) {
    return kept.trim();
  }
  return log.isEnded ? "This quilt was taken off the frame on another device." : "";
}

window.addEventListener("beforeunload", (event) => {
  if (!log.isSafe) {
    event.preventDefault();
  }
});

function showTimer() {
  const { lastWork, place } = now();
  const since = lastWork ?? Number(root.dataset.started);
  const seconds = Math.max(0, Math.round((Date.now() - since) / 1000));
  const expected = sections[Math.min(place, steps.length)].dataset.minutes;
  const clock = seconds >= 36_000 ? "" : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
  say("timer", clock + (expected ? ` of about ${expected} min` : ""));
}

/** After every new register reading the server says where the top is drifting to. */
async function fetchDrift() {
  if (!(await fetchOverlay("drift", driftUrl, ["register", "firmness", "release", "correction", "problem"]))) {
    return;
  }
  const drawing = one('[data-drawing="drift"]');
  const state = drawing.querySelector("[data-state]")?.getAttribute("data-state") ?? "";
  const forecast = drawing.querySelector("[data-forecast]")?.textContent ?? "";
  say("drift", forecast === "" ? "drift not known yet" : `drift ${forecast}`);
  one('[data-shows="drift"]').dataset.state = state;
}

/**
 * Asks for an overlay where entries that change it have joined since, once all of them are sent.
 *
 * @param {"drift" | "told"} which @param {string} url @param {string[]} kinds of entries that change it
 * @returns {Promise<boolean>} whether it is another one now
 */
async function fetchOverlay(which, url, kinds) {
  const relevant = log.entries.filter((entry) => kinds.includes(entry.kind)).length;
  if (relevant === asked[which] || log.waiting > 0) {
    return false;
  }
  asked[which] = relevant;
  try {
    const answer = await fetch(url, { signal: AbortSignal.timeout(8000) });
    if (!answer.ok || answer.redirected) {
      throw new Error(`answered ${answer.status}`);
    }
    one(`[data-drawing="${which}"]`).innerHTML = await answer.text();
    return true;
  } catch {
    asked[which] = -1;
    return false;
  }
}

/** Where the plan was changed since this page was drawn, on this device or on another, its steps are others. */
function drawAnew() {
  const plans = log.entries.filter((entry) =>
    ["thickness", "refit", "replan", "correction"].includes(entry.kind),
  ).length;
  if (plans > Number(root.dataset.plans) && log.waiting === 0 && !root.querySelector("dialog[open]")) {
    window.location.reload();
  }
}

/** Readings that the server tells at once what they change. */
const TOLD = ["roll", "width", "slant", "strain"];

/** Asked for once somebody looks. */
function fetchTold() {
  if (overlay === "told") {
    fetchOverlay("told", toldUrl, [...TOLD, "firmness", "correction", "done", "thickness", "refit"]);
  }
}

/** A pedal that bounces, or a thumb that trembles, is one press. */
const BOUNCE = 60;
let pressed = 0;

function next() {
  const { place, done } = now();
  if (Date.now() - pressed < BOUNCE) {
    return;
  }
  pressed = Date.now();
  // Said on the page as well, so that nothing else need guess when the next press counts.
  root.toggleAttribute("data-pressed", true);
  setTimeout(() => root.removeAttribute("data-pressed"), BOUNCE + 1);
  if (viewed() === steps.length) {
    return;
  }
  if (looking !== null && done.has(steps[looking].key)) {
    looking = looking + 1 >= place ? null : looking + 1;
    show();
    return;
  }
  const key = steps[viewed()].key;
  looking = null;
  log.add("done", key, turned > 0 ? { turns: turned } : {});
  turned = 0;
}

function back() {
  looking = Math.max(0, viewed() - 1);
  overlay = "";
  show();
}

function openReading() {
  const wanted = section().dataset.reads;
  openDialog(wanted && wanted !== "none" ? `${wanted}-dialog` : "register-dialog");
}

/** @param {string} id */
function openDialog(id) {
  for (const open of /** @type {NodeListOf<HTMLDialogElement>} */ (root.querySelectorAll("dialog[open]"))) {
    open.close();
  }
  readings.clear(dialog(id), section().dataset);
  readings.judge(dialog(id));
  dialog(id).showModal();
}

/** How far apart two marks were set on slack cloth: there the stepper begins. @param {HTMLElement} box */
function slackMarks(box) {
  return /** @type {HTMLElement} */ (box.querySelector("[data-starts]")).dataset.starts;
}

/** @param {HTMLElement} box */
function saveReading(box) {
  const kind = box.dataset.reading ?? "";
  const { step = "", wound } = section().dataset;
  overlay = kind === "register" ? "drift" : TOLD.includes(kind) ? "told" : "";
  /** @type {HTMLDialogElement} */ (box).close();
  log.add(kind, step, {
    ...readings.read(box),
    ...(kind === "register" || kind === "roll" ? { wound: Number(wound) } : {}),
    ...(kind === "width" ? { depth: Number(section().dataset.depth) } : {}),
    ...(kind === "slant" ? { apart: Number(section().dataset.across) } : {}),
    ...(kind === "strain" ? { apart: Number(slackMarks(box)) } : {}),
  });
}

/** A part with two words changes at a tap; of more, one is chosen. @param {HTMLElement} button */
function changeState(button) {
  const name = button.dataset.part ?? "";
  const can = words[name] ?? [];
  const is = now().state[name];
  if (can.length === 2) {
    log.add("state", null, { part: name, is: can.find((word) => word !== is) });
    return;
  }
  const box = dialog("state-dialog");
  const place = /** @type {HTMLElement} */ (box.querySelector("[data-words-here]"));
  const pins = Number(is);
  const offered = can.length > 0 ? can : [...new Set(["0", String(Math.max(0, pins - 1)), String(pins + 1)])];
  place.replaceChildren(
    ...offered.map((word) => {
      const choice = document.createElement("button");
      choice.type = "button";
      choice.textContent = word;
      choice.setAttribute("aria-pressed", String(word === is));
      choice.addEventListener("click", () => {
        box.close();
        log.add("state", null, { part: name, is: word });
      });
      return choice;
    }),
  );
  /** @type {HTMLElement} */ (box.querySelector("h2")).textContent = name;
  box.showModal();
}

/** @type {Record<string, () => void>} */
const actions = {
  next,
  back,
  reading: openReading,
  problem: () => openDialog("problem-dialog"),
  drift: () => {
    overlay = overlay === "drift" ? "" : "drift";
    show();
  },
  told: () => {
    overlay = overlay === "told" ? "" : "told";
    show();
  },
  full: () => {
    (document.fullscreenElement ? document.exitFullscreen() : root.requestFullscreen()).catch(() => {});
  },
  park: () => {
    const time = /** @type {HTMLInputElement | null} */ (dialog("park-dialog").querySelector("input:checked"));
    dialog("park-dialog").close();
    log.add("park", null, { for: time?.value ?? "overnight" });
  },
  state: () => {
    isStateOpen = !isStateOpen;
    foldState();
  },
  resume: () => {
    dialog("return-dialog").close();
    log.add("resume", null);
  },
};

root.addEventListener("click", (event) => {
  const target = /** @type {HTMLElement} */ (event.target);
  const found = (/** @type {string} */ selector) => /** @type {HTMLElement | null} */ (target.closest(selector));
  const does = found("[data-does]");
  const opens = found("[data-opens]");
  const by = found("[data-by]");
  const stateOf = found("[data-part]");
  const row = found("[data-row]");
  if (row) {
    tickRow(Number(row.dataset.row));
  } else if (does) {
    event.preventDefault();
    // The second click of two is no second step.
    if (event.detail < 2 || does.dataset.does !== "next") {
      actions[does.dataset.does ?? ""]?.();
    }
  } else if (opens) {
    openDialog(opens.dataset.opens ?? "");
  } else if (found("[data-closes]")) {
    /** @type {HTMLDialogElement} */ (target.closest("dialog")).close();
  } else if (by) {
    const stepper = /** @type {HTMLElement} */ (by.closest("[data-stepper]"));
    readings.change(stepper, readings.steps(by.dataset.by ?? "0"));
    readings.judge(/** @type {HTMLElement} */ (stepper.closest("dialog")));
  } else if (found("[data-saves]")) {
    saveReading(/** @type {HTMLElement} */ (target.closest("[data-reading]")));
  } else if (stateOf) {
    changeState(stateOf);
  }
  // Touched, a button does not keep the keys and the pedal for itself.
  if (event.detail > 0 && !root.querySelector("dialog[open]") && found("button, summary")) {
    root.focus();
  }
});

for (const box of root.querySelectorAll("dialog")) {
  box.addEventListener("close", () => root.focus());
  box.addEventListener("change", () => readings.judge(box));
}

// The tape speaks to the length in focus, the encoder to the step at hand.
listen((message) => {
  if (message.device === "encoder") {
    turned = Math.round((turned + message.turns) * 1000) / 1000;
    const place = /** @type {HTMLElement | null} */ (section().querySelector("[data-turned]"));
    const wanted = Number(section().dataset.turns);
    if (place) {
      place.hidden = false;
      place.textContent = `${turned.toFixed(2)} turns wound${wanted > 0 ? ` of ${wanted.toFixed(2)}` : ""}.`;
      place.classList.toggle("reached", wanted > 0 && turned >= wanted - 0.01);
    }
  } else {
    const stepper = /** @type {HTMLElement | null} */ (
      document.activeElement?.closest("[data-stepper]") ?? root.querySelector("dialog[open] [data-stepper]")
    );
    if (stepper) {
      readings.measure(stepper, message.length_mm);
      readings.judge(/** @type {HTMLElement} */ (stepper.closest("dialog")));
    }
  }
});

// The screen stays on where the browser allows it; asked for anew whenever the page comes back.
async function stayAwake() {
  try {
    await navigator.wakeLock?.request("screen");
  } catch {
    // A low battery or an older browser: the tablet may sleep, and nothing is lost by it.
  }
}

document.addEventListener("visibilitychange", () => {
  if (document.visibilityState === "visible") {
    log.sync();
    stayAwake();
  }
});
window.addEventListener("online", () => log.sync());
window.setInterval(() => log.sync(), 1000);
window.setInterval(showTimer, 1000);
// What waits here is not cleared to make room for something else, where the browser grants that.
navigator.storage?.persist?.().catch(() => {});
keepPage();
watchKeys(root, actions);
const problem = /** @type {HTMLFormElement} */ (root.querySelector("[data-problem]"));
watchProblem(problem, (data) => {
  log.add("problem", section().dataset.step ?? null, data);
  problem.reset();
  dialog("problem-dialog").close();
});
showTimer();
show();
stayAwake();
log.sync();
