// What goes to the server at once: little enough for a slow line, and words before photos.

const most = 100;
const mostCharacters = 500_000;

/**
 * @typedef {import("./frame-log.js").Entry} Entry
 */

/**
 * The next entries to send: as many words as fit, in the order of writing; once no words wait, one photo.
 *
 * @param {Entry[]} waiting in the order of writing
 * @returns {Entry[]}
 */
export function nextBatch(waiting) {
  const words = waiting.filter((entry) => entry.data.photo === undefined);
  if (words.length === 0) {
    return waiting.slice(0, 1);
  }
  let characters = 0;
  const fits = words.slice(0, most).findIndex((entry) => {
    characters += JSON.stringify(entry).length;
    return characters > mostCharacters;
  });
  return words.slice(0, fits === -1 ? most : Math.max(1, fits));
}

/**
 * How long an answer is waited for: a line of 16 kB a second is still served.
 *
 * @param {string} body
 * @returns {number} milliseconds
 */
export const patience = (body) => Math.ceil(8000 + body.length / 16);
