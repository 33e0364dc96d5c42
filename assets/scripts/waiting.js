// On every page: what somebody wrote at a frame goes out, also for a run that was ended elsewhere, and only under the
// name of who wrote it. Where nobody is signed in, nothing that the server has stays behind.
import { countWaiting, dropCopies, Log, waitingRuns } from "./frame-log.js";

const { person = "", token = "" } = document.body.dataset;
const here = /** @type {HTMLElement | null} */ (document.getElementById("frame"))?.dataset.run;

if (person === "") {
  dropCopies();
  window.caches?.delete("schwung-frame");
  sayWaiting();
} else {
  for (const { run, url } of waitingRuns(person)) {
    // The page at the frame sends what is written there itself.
    if (run !== here) {
      new Log({ person, run, url, token }, () => {}).sync();
    }
  }
}

function sayWaiting() {
  const count = countWaiting();
  const box = document.getElementById("waiting");
  if (box && count > 0) {
    const first = count === 1 ? "1 entry waits" : `${count} entries wait`;
    box.textContent = `${first} on this device. Whoever wrote at the frame signs in once more, and it is sent.`;
    box.hidden = false;
  }
}
