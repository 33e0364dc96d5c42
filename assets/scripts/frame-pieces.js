// Sends a photo in pieces: after a line that broke, or a page that was closed, it goes on where it stopped.
import { patience } from "./frame-batch.js";

const length = 65_536;
const inPieces = "in pieces";

/**
 * @typedef {import("./frame-log.js").Entry} Entry
 * @typedef {{person: string, run: string, url: string, token: string}} Where
 */

const photoOf = (/** @type {Entry[]} */ sent) => {
  const photo = sent[0]?.data.photo;
  return typeof photo === "string" && photo.length > length ? photo : "";
};

/**
 * Where a photo is to be sent that does not fit into one piece, all pieces but what the server has already.
 *
 * @param {Where} where
 * @param {Entry[]} sent
 * @returns {Promise<Response | null>} the answer that stopped it; null where everything is there
 */
export async function sendPieces(where, sent) {
  const photo = photoOf(sent);
  let [have, piece] = [photo === "" ? 0 : -1, ""];
  while (have < photo.length) {
    const body = new URLSearchParams({
      _token: where.token,
      run: where.run,
      key: sent[0].key,
      offset: String(Math.max(0, have)),
      piece,
    });
    const url = where.url.replace(/entries$/, "photo-piece");
    const answer = await fetch(url, { method: "POST", body, signal: AbortSignal.timeout(patience(String(body))) });
    if (!answer.ok || answer.redirected) {
      return answer;
    }
    // The first question brings nothing, and learns what is there.
    have = Number((await answer.json()).have);
    piece = photo.slice(have, have + length);
  }
  return null;
}

/**
 * The entries as they are sent after that.
 *
 * @param {Entry[]} sent
 * @returns {Entry[]}
 */
export const withoutPieces = (sent) =>
  photoOf(sent) === "" ? sent : sent.map((entry) => ({ ...entry, data: { ...entry.data, photo: inPieces } }));
