// What a reading says, while it is entered: the same as the core says of it afterwards (tests/Shared/judged.json).

const eighth = 25.4 / 8;

/**
 * Rule 20 at three places; + is toward the quilter, millimetres.
 * @param {{left: number, centre: number, right: number}} reading
 * @returns {{says: "straight" | "away" | "toward" | "bowed", by: number}}
 */
export function straightness({ left, centre, right }) {
  const isOff = (/** @type {number} */ length) => Math.abs(length) > eighth + 1e-6;
  const slope = right - left;
  const bow = centre - (left + right) / 2;
  if (isOff(slope)) {
    return { says: slope > 0 ? "away" : "toward", by: Math.abs(slope) };
  }
  return isOff(bow) ? { says: "bowed", by: Math.abs(bow) } : { says: "straight", by: 0 };
}

/**
 * Rule 17: what the feel of both layers says, by the words of the advice.
 * @param {{backing: number[], top: number[]}} reading left, centre, right; from 1 (hangs) to 5 (rings)
 * @returns {string[]}
 */
export function firmness({ backing, top }) {
  const sum = (/** @type {number[]} */ layer) => layer.reduce((one, other) => one + other, 0);
  const balance = (sum(backing) - sum(top)) / 3;
  const sides = Math.max(Math.abs(backing[0] - backing[2]), Math.abs(top[0] - top[2]));
  return [
    [...backing, ...top].includes(5) ? "rings" : "",
    [...backing, ...top].includes(1) ? "hangs" : "",
    balance >= 1 ? "backing-firmer" : "",
    balance <= -1 ? "top-firmer" : "",
    sides >= 1 ? "one-side" : "",
  ].filter((advice) => advice !== "");
}
