// On every page: what somebody wrote at a frame goes out, also for a run that was ended elsewhere, and only under the
// name of who wrote it. Where nobody is signed in, nothing that the server has stays behind.

const { person = "", token = "" } = document.body.dataset;
const here = document.getElementById("frame")?.dataset.run;

if (person === "") {
  leave();
} else if (Object.keys(localStorage).some((name) => name.includes(":waits:"))) {
  // Most pages have nothing to send, and fetch nothing for it.
  sendWaiting();
}

async function sendWaiting() {
  const { Log, waitingRuns } = await import("./frame-log.js");
  for (const { run, url } of waitingRuns(person)) {
    // The page at the frame sends what is written there itself.
    if (run !== here) {
      new Log({ person, run, url, token }, () => {}).sync();
    }
  }
}

async function leave() {
  const { countWaiting, dropCopies } = await import("./frame-log.js");
  dropCopies();
  window.caches?.delete("schwung-frame");
  const count = countWaiting();
  const box = document.getElementById("waiting");
  if (box && count > 0) {
    const first = count === 1 ? "1 entry waits" : `${count} entries wait`;
    box.textContent = `${first} on this device. Whoever wrote at the frame signs in once more, and it is sent.`;
    box.hidden = false;
  }
}
