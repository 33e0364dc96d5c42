// A check of a leader by tapping: a station, and how far its edge lies from the line. What is tapped is written as
// lines of text into the field behind it, "-25: 1 7/8", which is all there is without scripts.
import { mixed, stepOf, written } from "./frame-lengths.js";
import { stepButton } from "./step-button.js";

const finest = 16;

/** Whole places on both sides of the centre mark, about nine, none nearer to an end than a hand. @param {number} halfMm @param {string} units */
export function stations(halfMm, units) {
  const one = units === "in" ? 25.4 : 10;
  const round = units === "in" ? 5 : 10;
  const last = Math.floor((halfMm / one - (units === "in" ? 4 : 10)) / round) * round;
  const step = Math.max(round, Math.ceil(last / 4 / round) * round);
  const side = [];
  for (let at = step; at < last; at += step) {
    side.push(at);
  }
  if (last > 0) {
    side.push(last);
  }
  return [...side.map((at) => -at).reverse(), 0, ...side];
}

/** @param {string} text @param {string} units @returns {Map<number, number>} steps by place; what is no such line is left out */
export function readingsOf(text, units) {
  const found = new Map();
  for (const line of text.split(/\r?\n|;/)) {
    const parts =
      /^\s*([−-]?\d+)\s*(?:in|cm)?\s*[:=]\s*(\d+)?(?:\s*(\d+)\/(\d+))?(?:[.,](\d))?\s*(?:in|cm|mm)?\s*$/u.exec(line);
    if (parts) {
      const place = Number(parts[1].replace("−", "-"));
      const whole = Number(parts[2] ?? 0);
      const steps =
        units === "in"
          ? whole * finest + (parts[3] ? (Number(parts[3]) * finest) / Number(parts[4]) : 0)
          : whole * 10 + Number(parts[5] ?? 0);
      found.set(place, Math.round(steps));
    }
  }
  return found;
}

/** As the field reads it: sixteenths of an inch, or centimetres. @param {number} steps @param {string} units */
export function plain(steps, units) {
  return units === "in" ? `${mixed(steps, finest)} in` : `${steps / 10} cm`;
}

/** @param {Map<number, number>} readings @param {string} units */
export const linesOf = (readings, units) =>
  [...readings]
    .sort(([one], [other]) => one - other)
    .map(([at, steps]) => `${at} ${units}: ${plain(steps, units)}`)
    .join("\n");

/** @param {HTMLTextAreaElement} field */
function watch(field) {
  const units = field.dataset.units ?? "in";
  let readings = readingsOf(field.value, units);
  const all = stations(Number(field.dataset.halfMm), units);
  const perUnit = Math.round((units === "in" ? 25.4 : 10) / stepOf(units, finest));
  /** @type {number | null} */
  let chosen = null;
  const box = document.createElement("div");
  box.className = "leader-tap";
  (field.closest("details") ?? field).before(box);

  const keep = () => {
    field.value = linesOf(readings, units);
    field.dispatchEvent(new Event("input", { bubbles: true }));
  };
  /** @param {number} place @param {number} by */
  const change = (place, by) => {
    readings.set(place, Math.max(0, Math.min(40 * perUnit, (readings.get(place) ?? nearest(place)) + by)));
    keep();
    show();
  };
  /** What the nearest station reads, where a new one most likely lies. @param {number} place */
  const nearest = (place) =>
    [...readings].sort(([one], [other]) => Math.abs(one - place) - Math.abs(other - place))[0]?.[1] ?? perUnit;
  const said = (/** @type {number} */ at) =>
    at === 0 ? "at the centre mark" : `${Math.abs(at)} ${units} to the ${at < 0 ? "left" : "right"}`;

  function show() {
    const row = document.createElement("div");
    row.className = "leader-stations";
    for (const at of all) {
      const value = readings.get(at);
      const station = stepButton(
        "",
        `${said(at)}: ${value === undefined ? "not measured" : written(value, units, finest).replace("+", "")}`,
        () => {
          chosen = at;
          if (!readings.has(at)) {
            change(at, 0);
          }
          show();
        },
      );
      station.classList.add("leader-station");
      station.setAttribute("aria-pressed", String(at === chosen));
      const place = document.createElement("small");
      place.textContent = at === 0 ? "0" : at < 0 ? `−${-at}` : String(at);
      const reading = document.createElement("b");
      reading.textContent = value === undefined ? "·" : plain(value, units).replace(/ (in|cm)$/, "");
      station.append(place, reading);
      row.append(station);
    }
    const panel = document.createElement("div");
    panel.className = "leader-panel";
    if (chosen === null) {
      panel.textContent = "Tap a station, then say how far the edge lies from the line.";
    } else {
      const at = chosen;
      const fine = units === "in" ? "1/16 in" : "1 mm";
      const says = document.createElement("p");
      says.setAttribute("role", "status");
      const amount = document.createElement("b");
      amount.textContent = plain(readings.get(at) ?? 0, units);
      says.append(`${said(at)}: `, amount);
      panel.append(
        says,
        stepButton(`−1 ${units}`, `1 ${units} less`, () => change(at, -perUnit)),
        stepButton(`−${fine}`, `${fine} less`, () => change(at, -1)),
        stepButton(`+${fine}`, `${fine} more`, () => change(at, 1)),
        stepButton(`+1 ${units}`, `1 ${units} more`, () => change(at, perUnit)),
        stepButton("Not measured", "Not measured", () => {
          readings.delete(at);
          chosen = null;
          keep();
          show();
        }),
      );
    }
    const focus = box.contains(document.activeElement)
      ? /** @type {HTMLElement} */ (document.activeElement).getAttribute("aria-label")
      : null;
    box.replaceChildren(row, panel);
    const again = [...box.querySelectorAll("button")].find(
      (one) => focus !== null && one.getAttribute("aria-label")?.split(":")[0] === focus.split(":")[0],
    );
    again?.focus();
  }
  // Whoever writes lines by hand sees them at the stations.
  field.addEventListener("change", () => {
    readings = readingsOf(field.value, units);
    show();
  });
  show();
}

if (typeof document !== "undefined") {
  for (const field of document.querySelectorAll("textarea[data-half-mm]")) {
    watch(/** @type {HTMLTextAreaElement} */ (field));
  }
}
