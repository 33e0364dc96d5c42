import { expect, test } from "@playwright/test";
import { expectNoOverflow, faultsOf, signIn, usual, watchErrors } from "./studio.mjs";

const sizes = [
  [1280, 800],
  [820, 1180],
  [390, 844],
];

/** Every kind of page, found by links from the demo. */
async function pagesOf(page) {
  const hrefs = async (address, selector) => {
    await page.goto(address);
    return page.locator(selector).evaluateAll((links) => links.map((link) => link.getAttribute("href")));
  };
  const [frame] = await hrefs("/frames", 'main a[href^="/frames/0"]');
  const [quilt] = await hrefs("/?q=Harbour+lamps", "#shelf a[href^='/quilts/']");
  const [short] = await hrefs("/?q=Long+acre", "#shelf a[href^='/quilts/']");
  const [loaded] = await hrefs("/", 'main a[href$="/frame"]');
  const [place] = await hrefs("/?q=Second+worm", '#shelf a[href^="/bench/"]');
  const [done] = await hrefs("/history", 'main a[href*="/quilts/"]');
  const [client] = await hrefs("/clients", 'main li a[href^="/clients/0"]');
  const of = (href, part) => href.replace(/[a-z-]+$/, part);
  const [job] = await hrefs(of(short, "messages"), 'main a[href*="/job/"]');
  return [
    "/",
    "/frames",
    "/frames/first",
    "/frames/new",
    frame,
    `${frame}/leaders`,
    `${frame}/leaders/take-up/new`,
    `${frame}/leaders/take-up/re-hem?measured=1`,
    `${frame}/leaders/take-up/re-hem`,
    `${frame}/leaders/backing/sew/casing`,
    `${frame}/taught`,
    "/designs",
    "/tension",
    "/tension/bench",
    "/tension/trainer",
    "/history",
    "/shelf",
    "/shelf/threads",
    "/shelf/threads/new",
    "/shelf/holding",
    "/shelf/recipes",
    "/shelf/measure",
    "/shelf/bring",
    "/shelf/batting/new",
    "/shelf/find?label=R1",
    of(short, "recipe"),
    "/clients",
    client,
    `${client}/edit`,
    "/clients/new",
    "/clients/prep-card?across=60+in&along=72+in",
    "/put-away",
    "/settings/clients",
    ...["bag", "bag/marks", "prep-card", "messages", "messages/new/short", "home"].map((part) => of(short, part)),
    "/bring/tideloft?across=60+in&along=72+in",
    new URL(job).pathname,
    "/devices",
    "/outbox",
    "/settings/practice",
    "/settings/loading",
    "/settings/you",
    "/settings/hours",
    place,
    "/when?when[across]=60+in&when[along]=72+in&when[kind]=rows",
    "/people",
    "/settings/account",
    "/settings/account/names",
    "/settings/log",
    "/quilts/new",
    "/quilts/import",
    ...["measure", "backing", "direction", "attach", "passes", "load", "tape", "about", "sheet", "load-sheet"].map(
      (part) => of(quilt, part),
    ),
    of(short, "backing"),
    `${of(short, "backing")}?try=extend`,
    ...(loaded ? [loaded, `${loaded}/readings`, `${loaded}/refit`, of(loaded, "stitch"), of(loaded, "off")] : []),
    ...(done ? [of(done, "stitch"), of(done, "off")] : []),
    "/look/backing",
    "/help/words",
    "/help/keys",
  ];
}

const contrast = { type: /** @type {const} */ ("rule"), values: ["color-contrast", "color-contrast-enhanced"] };

test("no page has a fault, at any size, in the light and in the dark", async ({ page }) => {
  test.setTimeout(900_000);
  const errors = watchErrors(page);
  await signIn(page);
  const faults = [];
  for (const [place, address] of (await pagesOf(page)).entries()) {
    const answer = await page.goto(address);
    expect(answer?.ok(), address).toBe(true);
    for (const [width, height] of sizes) {
      await page.setViewportSize({ width, height });
      await expectNoOverflow(page);
    }
    // The tree of a page is the same at every size but for a few parts: each page is read at one, in turn.
    const [width, height] = sizes[place % sizes.length];
    await page.setViewportSize({ width, height });
    // Drawings of one page bring the same patterns.
    const twice = await page.evaluate(() => {
      const ids = Array.from(document.querySelectorAll("[id]:not(pattern)"), ({ id }) => id);
      return ids.filter((id, at) => ids.indexOf(id) !== at);
    });
    for (const fault of [...(await faultsOf(page, usual)), ...twice.map((id) => `twice on it: ${id}`)]) {
      faults.push(`${address} at ${width}: ${fault}`);
    }
    // In the dark letters stand out even more.
    await page.emulateMedia({ colorScheme: "dark" });
    for (const fault of await faultsOf(page, contrast)) {
      faults.push(`${address} in the dark: ${fault}`);
    }
    await page.emulateMedia({ colorScheme: "light" });
  }
  expect(faults).toEqual([]);
  expect(errors).toEqual([]);
});

test("nor where nobody is signed in", async ({ page }) => {
  const faults = [];
  for (const address of ["/sign-in", "/sign-up", "/forgotten", "/look/measure", "/help/words"]) {
    await page.goto(address);
    for (const fault of await faultsOf(page, usual)) {
      faults.push(`${address}: ${fault}`);
    }
  }
  expect(faults).toEqual([]);
});
