import AxeBuilder from "@axe-core/playwright";
import { expect } from "@playwright/test";

/** What the browser holds once it is signed in. @type {import("@playwright/test").Cookie[]} */
let signedIn = [];

/** Signs in to the demo studio; anew only where it matters, for a password is slow to check on purpose. */
export async function signIn(page, isAnew = false) {
  if (signedIn.length > 0 && !isAnew) {
    await page.context().addCookies(signedIn);
    return;
  }
  await page.goto("/sign-in");
  await page.getByLabel("E-mail").fill("demo@schwung.example");
  await page.getByLabel("Password").fill("demo-on-the-rail");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("heading", { name: "Bench" })).toBeVisible();
  signedIn = await page.context().cookies();
}

/** Opens the bench, once the queue has caught up: until then it may be loaded anew. */
export async function openBench(page, address = "/") {
  await page.goto(address);
  await expect(page.locator('[hx-get="/bench/age"]')).toHaveCount(0);
}

/** Opens a quilt of the demo at a stage. */
export async function openQuilt(page, title, stage) {
  await page.goto(`/?q=${encodeURIComponent(title)}`);
  const link = page.locator("#shelf a", { hasText: title }).first();
  const href = await link.getAttribute("href");
  await page.goto(href.replace(/[a-z]+$/, stage));
}

const wcag = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"];

/**
 * What a machine finds against these.
 *
 * @param {import("@playwright/test").Page} page
 * @param {{type: "tag" | "rule", values: string[]}} runOnly
 */
export async function faultsOf(page, runOnly = { type: "tag", values: wcag }) {
  const found = await new AxeBuilder({ page })
    .options({ resultTypes: ["violations"], runOnly })
    // No page holds another: nothing is gathered from frames, which takes as long again.
    .setLegacyMode(true)
    .analyze();
  return found.violations.map((fault) =>
    `${fault.id}: ${fault.nodes.map((node) => node.target).join(", ")}`.slice(0, 400),
  );
}

/** Of WCAG 2.2 A and AA, and what is held good practice beside it. */
export const usual = { type: /** @type {const} */ ("tag"), values: [...wcag, "best-practice"] };

/** No fault against WCAG 2.2 A and AA, as far as a machine can tell. */
export async function expectAccessible(page) {
  expect(await faultsOf(page)).toEqual([]);
}

/** Fails the test when the page reports an error, such as one of its content policy. */
export function watchErrors(page) {
  const errors = [];
  page.on("pageerror", (error) => errors.push(error.message));
  page.on("console", (message) => {
    // A request that a newer one replaces is cut off on purpose, and htmx says so.
    const expected = /ERR_INTERNET_DISCONNECTED|^htmx:(sendAbort|afterRequest),/;
    if (message.type() === "error" && !expected.test(message.text())) {
      errors.push(message.text());
    }
  });
  return errors;
}

/** No wider than the window. */
export async function expectNoOverflow(page) {
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(overflow, page.url()).toBeLessThanOrEqual(0);
}

/** Accessible and no wider than the window at each size, the last of which stays. */
export async function expectSoundAt(page, ...sizes) {
  for (const [width, height] of sizes) {
    await page.setViewportSize({ width, height });
    await expectAccessible(page);
    await expectNoOverflow(page);
  }
}
