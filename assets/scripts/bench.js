// The bench: a quilt is pulled to a place in the queue, by pointer or by keys, and the server says what that would mean
// before it is let go. Without this, every quilt is a link to its page, where the same is a list.

/** @typedef {{id: string, title: string, x: number, width: number}} Stands */
/** @typedef {{id: string, name: string, y: number, height: number, after: number, quilts: Stands[]}} Lane */

const slop = 6;

/**
 * The place in a lane at which a quilt would stand that is held at x: before the first whose middle lies farther right.
 * @param {Lane} lane @param {number} x @param {string} moved the one that is held is not counted
 */
export function placeAt(lane, x, moved) {
  const others = lane.quilts.filter(({ id }) => id !== moved);
  const behind = others.findIndex((one) => x < one.x + one.width / 2);
  return behind < 0 ? others.length + 1 : behind + 1;
}

/** Where in the drawing such a place begins. @param {Lane} lane @param {number} place @param {string} moved */
export function xOf(lane, place, moved) {
  const before = lane.quilts.filter(({ id }) => id !== moved)[place - 2];
  const [first] = lane.quilts;
  return before ? before.x + before.width : first ? first.x : lane.after;
}

/** @param {Lane} lane @param {number} place @param {string} moved */
export function wordsOf(lane, place, moved) {
  const before = lane.quilts.filter(({ id }) => id !== moved)[place - 2];
  return `${lane.name}, ${before ? `after ${before.title}` : "next"}`;
}

/** @param {HTMLElement} bench */
function watch(bench) {
  /** @type {{lanes: Lane[], perMillimetre: number}} */
  const { lanes, perMillimetre = 0.034 } = JSON.parse(
    document.getElementById("bench-places")?.textContent ?? '{"lanes": []}',
  );
  const drawing = /** @type {SVGSVGElement | null} */ (bench.querySelector("#lanes"));
  const answer = /** @type {HTMLElement | null} */ (bench.querySelector("#bench-answer"));
  if (!drawing || !answer || lanes.length === 0) {
    return;
  }
  /** @type {Map<string, {fits: boolean, words: string[], short?: number[]}>} */
  const known = new Map();
  /** @type {{id: string, title: string, link: Element, lane: number, place: number, byKeys: boolean} | null} */
  let held = null;
  const shape = (/** @type {string} */ name, /** @type {string} */ css) => {
    const made = document.createElementNS("http://www.w3.org/2000/svg", name);
    made.setAttribute("class", css);
    made.setAttribute("visibility", "hidden");
    drawing.append(made);
    return made;
  };
  const mark = shape("line", "bench-mark");
  // The quilt as it would lie there, and hatched what is missing of it across and along.
  const ghost = shape("rect", "bench-quilt bench-ghost");
  const missing = [shape("rect", "bench-late bench-ghost"), shape("rect", "bench-late bench-ghost")];
  const place = (/** @type {Element} */ one, /** @type {Record<string, number>} */ at) => {
    for (const [name, value] of Object.entries(at)) {
      one.setAttribute(name, String(Math.max(0, value)));
    }
    one.setAttribute("visibility", "visible");
  };
  /** @param {number[]} short millimetres across and along */
  const lay = (short) => {
    for (const one of [ghost, ...missing]) {
      one.setAttribute("visibility", "hidden");
    }
    const own = held?.link.querySelector("rect.bench-quilt, rect.shelf-short");
    if (!held || !own || mark.getAttribute("visibility") === "hidden") {
      return;
    }
    const lane = lanes[held.lane];
    const [width, height] = ["width", "height"].map((name) => Number(own.getAttribute(name)));
    const [x, y] = [Number(mark.getAttribute("x1")) + 6, lane.y + 40];
    place(ghost, { x, y, width, height });
    const [across, along] = short.map((millimetres) => millimetres * perMillimetre);
    if (across > 0) {
      place(missing[0], { x: x + width, y, width: Math.max(5, across), height });
    }
    if (along > 0) {
      place(missing[1], { x, y: y + height, width, height: Math.max(5, along) });
    }
  };

  const show = () => {
    if (!held) {
      mark.setAttribute("visibility", "hidden");
      lay([0, 0]);
      return;
    }
    const lane = lanes[held.lane];
    const x = String(Math.max(2, xOf(lane, held.place, held.id)));
    for (const [name, value] of Object.entries({ x1: x, x2: x, y1: lane.y + 2, y2: lane.y + lane.height - 2 })) {
      mark.setAttribute(name, String(value));
    }
    mark.setAttribute("visibility", "visible");
    lay([0, 0]);
    void ask();
  };

  const ask = async () => {
    if (!held) {
      return;
    }
    const { id, title, lane, place } = held;
    const key = `${id} ${lane} ${place}`;
    const where = `${title} on ${wordsOf(lanes[lane], place, id)}: `;
    answer.hidden = false;
    answer.classList.remove("bench-answer-no");
    if (!known.has(key)) {
      answer.textContent = `${where}…`;
      const query = new URLSearchParams({ at: `${lanes[lane].id} ${place}` });
      try {
        const response = await fetch(`/bench/${id}/try?${query}`, { headers: { Accept: "application/json" } });
        known.set(key, await response.json());
      } catch {
        answer.textContent = `${where}no answer from the server.`;
        return;
      }
    }
    const told = known.get(key);
    // The hand has moved on meanwhile.
    if (told && held && key === `${held.id} ${held.lane} ${held.place}`) {
      answer.textContent = where + told.words.join(" ");
      answer.classList.toggle("bench-answer-no", !told.fits);
      mark.classList.toggle("bench-mark-no", !told.fits);
      lay(told.short ?? [0, 0]);
    }
  };

  /** @param {Element} link @param {boolean} byKeys */
  const take = (link, byKeys) => {
    const { quilt = "", title = "", frame, place } = /** @type {SVGElement} */ (link).dataset;
    const lane = Math.max(
      0,
      lanes.findIndex(({ id }) => id === frame),
    );
    held = { id: quilt, title, link, lane, place: Number(place ?? 1), byKeys };
    link.classList.add("bench-held");
  };

  const leave = () => {
    held?.link.classList.remove("bench-held");
    held = null;
    answer.hidden = true;
    show();
  };

  const letGo = () => {
    if (!held) {
      return;
    }
    const { id, lane, place } = held;
    if (known.get(`${id} ${lane} ${place}`)?.fits === false) {
      // What cannot be is said, and stays where it was.
      held.link.classList.remove("bench-held");
      held = null;
      show();
      return;
    }
    const form = document.createElement("form");
    [form.method, form.action, form.hidden] = ["post", `/bench/${id}/put`, true];
    for (const [name, value] of Object.entries({
      _token: bench.dataset.bench ?? "",
      at: `${lanes[lane].id} ${place}`,
    })) {
      const field = document.createElement("input");
      [field.type, field.name, field.value] = ["hidden", name, value];
      form.append(field);
    }
    leave();
    bench.append(form);
    form.requestSubmit();
  };

  for (const link of bench.querySelectorAll("[data-quilt]")) {
    /** @type {{x: number, y: number, id: number} | null} */
    let pressed = null;
    let isPulled = false;
    const element = /** @type {SVGElement} */ (link);
    element.addEventListener("dragstart", (event) => event.preventDefault());
    // A finger on a quilt pulls it; beside the quilts it scrolls.
    element.addEventListener("touchmove", (event) => event.preventDefault(), { passive: false });
    element.addEventListener("pointerdown", (event) => {
      if (event.button === 0) {
        pressed = { x: event.clientX, y: event.clientY, id: event.pointerId };
        isPulled = false;
        // A quick hand is outside of the quilt before it has moved once.
        window.addEventListener("pointermove", follow);
        window.addEventListener("pointerup", end);
        window.addEventListener("pointercancel", end);
      }
    });
    /** @param {PointerEvent} event */
    function follow(event) {
      if (!pressed || pressed.id !== event.pointerId) {
        return;
      }
      if (!isPulled && Math.hypot(event.clientX - pressed.x, event.clientY - pressed.y) > slop) {
        isPulled = true;
        take(link, false);
      }
      if (isPulled && held) {
        const box = drawing?.getBoundingClientRect() ?? new DOMRect();
        const [x, y] = [event.clientX - box.left, event.clientY - box.top];
        const lane = lanes.findIndex((one) => y >= one.y && y < one.y + one.height);
        if (lane >= 0) {
          [held.lane, held.place] = [lane, placeAt(lanes[lane], x, held.id)];
          show();
        } else {
          mark.setAttribute("visibility", "hidden");
          lay([0, 0]);
          /** @type {HTMLElement} */ (answer).hidden = true;
        }
      }
    }
    /** @param {PointerEvent} event */
    function end(event) {
      window.removeEventListener("pointermove", follow);
      window.removeEventListener("pointerup", end);
      window.removeEventListener("pointercancel", end);
      pressed = null;
      if (!isPulled || !held) {
        return;
      }
      if (event.type === "pointerup" && mark.getAttribute("visibility") === "visible") {
        letGo();
      } else {
        leave();
      }
    }
    element.addEventListener("click", (event) => {
      if (isPulled) {
        event.preventDefault();
      }
      isPulled = false;
    });
    element.addEventListener("keydown", (event) => {
      if (!held && event.key.toLowerCase() === "m" && !event.ctrlKey && !event.metaKey && !event.altKey) {
        event.preventDefault();
        take(link, true);
        show();
      } else if (held?.byKeys && held.link === link) {
        move(event);
      }
    });
  }

  /** @param {KeyboardEvent} event */
  function move(event) {
    if (!held) {
      return;
    }
    const id = held.id;
    const most = (/** @type {number} */ lane) => lanes[lane].quilts.filter((one) => one.id !== id).length + 1;
    const steps = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] };
    const step = steps[/** @type {keyof typeof steps} */ (event.key)];
    if (step) {
      held.lane = Math.max(0, Math.min(lanes.length - 1, held.lane + step[0]));
      held.place = Math.max(1, Math.min(most(held.lane), held.place + step[1]));
      show();
    } else if (event.key === "Enter") {
      letGo();
    } else if (event.key === "Escape") {
      leave();
    } else {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
  }
}

/** The list on a quilt's page answers before it is sent, too. @param {HTMLFormElement} form */
function watchList(form) {
  const words = form.querySelector("[data-bench-words]");
  const ask = async () => {
    const query = new URLSearchParams({ at: String(new FormData(form).get("at")) });
    try {
      const response = await fetch(`${form.dataset.benchList}?${query}`, { headers: { Accept: "application/json" } });
      const told = await response.json();
      if (words) {
        words.textContent = told.words.join(" ");
      }
    } catch {
      // The page that comes back says it as well.
    }
  };
  form.addEventListener("change", () => void ask());
}

/**
 * A queue that is worked out brings the page anew, but not under the hands of somebody who has begun something on it:
 * a click would be lost, and what was opened be closed. There it is offered.
 */
function offerWhatIsPlanned() {
  let isTouched = false;
  const touch = () => {
    isTouched = true;
  };
  document.addEventListener("pointerdown", touch, { capture: true, once: true });
  document.addEventListener("keydown", touch, { capture: true, once: true });
  document.addEventListener("htmx:beforeOnLoad", (event) => {
    const { xhr } = /** @type {CustomEvent} */ (event).detail;
    const planned = document.getElementById("planned");
    if (isTouched && planned && xhr.getResponseHeader("HX-Refresh") === "true") {
      event.preventDefault();
      planned.hidden = false;
      /** @type {HTMLElement} */ (event.target).remove();
    }
  });
}

if (typeof document !== "undefined") {
  offerWhatIsPlanned();
  for (const bench of document.querySelectorAll("[data-bench]")) {
    watch(/** @type {HTMLElement} */ (bench));
  }
  for (const form of document.querySelectorAll("form[data-bench-list]")) {
    watchList(/** @type {HTMLFormElement} */ (form));
  }
}
