// On every page: what somebody wrote at a frame goes out, also for a run that was ended elsewhere, and only under the
// name of who wrote it. Where nobody is signed in, nothing that the server has stays behind.

const { person = "", token = "" } = document.body.dataset;
const here = document.getElementById("frame")?.dataset.run;

const mayHaveAnything = async () =>
  (await indexedDB.databases()).some(({ name }) => name === "schwung") ||
  Object.keys(localStorage).some((name) => name.startsWith("schwung-log:"));

// Most devices have never been at a frame, and fetch nothing for it.
if (await mayHaveAnything().catch(() => false)) {
  await (person === "" ? leave() : sendWaiting());
}

async function sendWaiting() {
  const [{ Log }, { waitingRuns }] = await Promise.all([import("./frame-log.js"), import("./frame-store.js")]);
  for (const { run, url } of await waitingRuns(person)) {
    // The page at the frame sends what is written there itself.
    if (run !== here) {
      (await Log.open({ person, run, url, token }, () => {})).sync();
    }
  }
}

async function leave() {
  const { countWaiting, dropCopies } = await import("./frame-store.js");
  await dropCopies();
  window.caches?.delete("schwung-frame");
  const count = await countWaiting();
  const box = document.getElementById("waiting");
  if (box && count > 0) {
    const first = count === 1 ? "1 entry waits" : `${count} entries wait`;
    box.textContent = `${first} on this device. Whoever wrote at the frame signs in once more, and it is sent.`;
    box.hidden = false;
  }
}
