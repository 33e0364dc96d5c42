// The part of bin/bench that needs a browser: how long a changed number takes until the drawing shows it.
//   node ops/redraw.mjs URL
import { chromium } from "@playwright/test";

const CHANGES = 24;
/** Until the queue was worked out anew, so that nothing else runs beside the next change. */
const REST_MS = 3000;
const [base] = process.argv.slice(2);

const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking"],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${base}/sign-in`);
await page.getByLabel("E-mail").fill("demo@schwung.example");
await page.getByLabel("Password").fill("demo-on-the-rail");
await page.getByRole("button", { name: "Sign in" }).click();
await page.goto(`${base}/?q=Kite+weather`);
const quilt = await page.locator("#shelf a[href^='/quilts/']").first().getAttribute("href");
await page.goto(base + quilt.replace(/[a-z]+$/, "backing"));

const rounds = [];
for (let i = 0; i <= CHANGES; i += 1) {
  await page.waitForTimeout(REST_MS);
  const thinnest = await page.evaluate(fetchThinnest, i);
  const times = await page.evaluate(changeAndWait, i % 2 === 0 ? 1 : -1);
  // The first fills the caches.
  if (i > 0) {
    rounds.push({ ...times, thinnest });
  }
}
await browser.close();

const median = (/** @type {number[]} */ numbers) => numbers.toSorted((a, b) => a - b)[Math.floor(numbers.length / 2)];
console.log("| a changed number in Chromium, 1280 × 800 | median | best | times T |\n|---|---|---|---|");
const told = {
  thinnest: "T, the devices, asked for just before each",
  answered: "until the server answers",
  painted: "until it is painted",
};
for (const [name, what] of Object.entries(told)) {
  const all = rounds.map((times) => times[name]);
  const ratio = median(rounds.map((times) => times[name] / times.thinnest));
  console.log(`| ${what} | ${median(all).toFixed(0)} ms | ${Math.min(...all).toFixed(0)} ms | ${ratio.toFixed(1)} |`);
}
console.log();

/** In the page: how long the thinnest page of somebody signed in takes, so that one knows how fast the machine is. */
async function fetchThinnest(/** @type {number} */ round) {
  const start = performance.now();
  await (await fetch(`/devices?unseen=${round}`)).text();
  return performance.now() - start;
}

/** In the page: makes a side of the backing so much longer; when the answer came, and when it was painted. */
function changeAndWait(/** @type {number} */ inches) {
  const field = /** @type {HTMLInputElement} */ (document.querySelector("input[data-measure^='backing/']"));
  const start = performance.now();
  const since = () => performance.now() - start;
  return new Promise((resolve) => {
    let answered = 0;
    document.addEventListener("htmx:beforeSwap", () => (answered = since()), { once: true });
    const seen = new MutationObserver((changes) => {
      if (answered > 0 && changes.some(({ target }) => target.parentElement?.closest("svg.bed"))) {
        seen.disconnect();
        requestAnimationFrame(() => {
          // Runs once the frame that was asked for is painted.
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => resolve({ answered, painted: since() });
          port2.postMessage(0);
        });
      }
    });
    seen.observe(document.body, { subtree: true, childList: true, attributes: true, characterData: true });
    field.focus();
    field.value = `${parseFloat(field.value) + inches}`;
    field.dispatchEvent(new Event("change", { bubbles: true }));
  });
}
