import { expect, test } from "@playwright/test";
import { begin, bringIn, expectAwake, expectSent, job, onServer } from "./loads.mjs";
import { expectAccessible, expectSoundAt, signIn, watchErrors } from "./studio.mjs";

test.beforeEach(async ({ page }) => signIn(page));

/** Rows low enough that a thicker roll costs a pass. */
const rows = {
  top: {
    widths: { top: "60 in", middle: "60 in", bottom: "60 in" },
    lengths: { left: "80 in", middle: "80 in", right: "80 in" },
    edge: "straight",
    directional: false,
  },
  backing: { sides: { top: "72 in", right: "92 in", bottom: "72 in", left: "92 in" }, diagonal: "116 7/8 in" },
  batting: { width: "66 in", length: "84 in", kind: "cotton" },
  quilting: {
    style: "rows",
    row_height: "4 in",
    gap: "1/4 in",
    overhang: "1/2 in",
    finish: "fit-scale",
    directional: false,
  },
};

/** Begins a quilt half way, as one that was loaded before it was written down. */
async function atPass(page, title, pass) {
  const quilt = await bringIn(page, job(title, rows));
  await page.goto(`${quilt}/frame/half-done`);
  await page.getByLabel("Pass at hand").selectOption(String(pass));
  await page.getByRole("button", { name: "Go on from there" }).click();
  await expectAwake(page);
  return quilt;
}

/** Tapes the roll so many inches thicker than the plan expects, by the large button. */
async function tape(page, more) {
  await page.getByRole("button", { name: /^Read/ }).last().click();
  await page.locator("dialog[open]").getByRole("button", { name: "Another reading" }).click();
  await page.getByRole("button", { name: "Tape the roll" }).click();
  for (let i = 0; i < more; i += 1) {
    await page.getByRole("button", { name: "Round the roll: much more" }).click();
  }
  await page.locator("dialog[open]").getByRole("button", { name: "Save the reading" }).click();
}

test("a roll that winds thicker plans the rest anew, at once and to be taken back", async ({ page }) => {
  const errors = watchErrors(page);
  const quilt = await atPass(page, "Winds thicker", 4);
  const passes = Number(await page.locator("#frame").getAttribute("data-passes"));
  await tape(page, 7);
  await expect(page.getByText("One reading. A second one at a later pass")).toBeVisible();
  await tape(page, 7);
  await expect(page.locator("[data-told-roll]")).toContainText("Thicker than planned.");
  await expect(page.locator(".told-sides figure")).toHaveCount(2);
  await expectAccessible(page);
  await page.getByRole("button", { name: "Plan the passes that are left so" }).click();
  await expect
    .poll(async () => Number(await page.locator("#frame").getAttribute("data-passes")))
    .toBeGreaterThan(passes);
  await expectSent(page);
  expect((await onServer(page, quilt)).map((entry) => entry.kind)).toContain("thickness");
  await page.goto(`${quilt}/stitch`);
  await page.getByRole("button", { name: /It was wrong: after pass 4/ }).click();
  await page.goto(`${quilt}/frame`);
  await expect(page.locator("#frame")).toHaveAttribute("data-passes", String(passes));
  expect(errors).toEqual([]);
});

test("rows that are left are fitted to what is left of the quilt", async ({ page }) => {
  const errors = watchErrors(page);
  const quilt = await atPass(page, "Drawn in", 4);
  await page.goto(`${quilt}/frame/refit`);
  await page.getByLabel("From the last of them to the tail edge").fill("40");
  await page.getByRole("button", { name: "Show what would be" }).click();
  await expect(page.locator(".refit-row").first()).toBeVisible();
  await expectSoundAt(page, [390, 844], [820, 1180], [1280, 800]);
  await page.getByRole("button", { name: "Change the gap" }).click();
  await expect(page.locator("#frame")).toBeVisible();
  await expectSent(page);
  expect((await onServer(page, quilt)).map((entry) => entry.kind)).toContain("refit");
  expect(errors).toEqual([]);
});

test("what a frame has taught is used once somebody agrees", async ({ page }) => {
  const errors = watchErrors(page);
  await page.goto("/frames");
  await page.getByRole("link", { name: /North frame/ }).click();
  await page.getByRole("link", { name: "What it has taught" }).click();
  await expect(page.getByRole("heading", { name: "What all leaders have in common" })).toBeVisible();
  await expectSoundAt(page, [390, 844], [820, 1180], [1280, 800]);
  const thickness = page.locator("section", { hasText: "How thick a cotton backing with cotton batting winds" });
  await thickness.getByRole("button", { name: "Use it", exact: true }).click();
  await expect(thickness.getByText("· in use")).toBeVisible();
  await thickness.getByRole("button", { name: "Do not use it" }).click();
  await expect(thickness.getByText("· not used")).toBeVisible();
  expect(errors).toEqual([]);
});

test("off the frame what is seen is asked why", async ({ page }) => {
  const errors = watchErrors(page);
  const quilt = await bringIn(page, job("Curls off the frame"));
  await begin(page, quilt);
  await page.goto(`${quilt}/off`);
  await page.getByLabel("Its edges curl", { exact: true }).selectOption("to-back");
  await page.getByRole("button", { name: "It is off the frame" }).click();
  await page.getByRole("link", { name: "Why?" }).click();
  await expect(page.locator("h1")).toContainText("Edges curl to the back: ");
  await expectAccessible(page);
  expect(errors).toEqual([]);
});
