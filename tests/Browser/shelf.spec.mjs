import { expect, test } from "@playwright/test";
import { expectSoundAt, openQuilt, signIn, watchErrors } from "./studio.mjs";

/** What lies on the shelf by its list: label, then inches. */
async function shelf(page) {
  const list = await page.request.get("/shelf/batting.csv");
  expect(list.headers()["content-type"], `answered ${list.status()}`).toContain("text/csv");
  const lines = (await list.text()).trim().split("\r\n").slice(1);
  return new Map(
    lines.map((line) => {
      const [label, , kind, width, length] = line.replaceAll('"', "").split(",");
      return [label, { kind, width: parseFloat(width) / 25.4, length: parseFloat(length) / 25.4 }];
    }),
  );
}

const eighths = " ⅛¼⅜½⅝¾⅞";
const inches = (text) => {
  const [, whole = "0", part = " "] = text.match(/^(\d+)? ?([⅛¼⅜½⅝¾⅞])? in/) ?? [];
  return Number(whole) + eighths.indexOf(part) / 8;
};

test("a week of loads is cut from the shelf, and the shelf is right afterwards to the inch", async ({ page }) => {
  const errors = watchErrors(page);
  await signIn(page);
  // The queue, and with it what is meant for whom, is worked out beside the pages.
  await expect(async () => {
    await page.goto("/shelf");
    await expect(page.locator("#wanted ~ ul a", { hasText: "Wide hours" })).toBeVisible({ timeout: 500 });
    await expect(page.getByText("It is being worked out anew")).toHaveCount(0, { timeout: 500 });
  }).toPass();
  const before = await shelf(page);
  const cuts = [];
  // Whatever is planned is cut, quilt after quilt, in the order in which they are loaded.
  for (;;) {
    await page.goto("/shelf");
    const next = page
      .locator("#wanted ~ ul a")
      .filter({ hasText: /:\s+[RP]\d+/ })
      .first();
    if ((await next.count()) === 0) {
      break;
    }
    const title = await next.locator(".underline").innerText();
    await next.click();
    const planned = page.locator("li", { hasText: "meant for it" }).first();
    const label = await planned.locator("a").innerText();
    const button = planned.getByRole("button", { name: /^Cut / });
    const [over, off] = (await button.innerText()).replace("Cut ", "").split(" × ").map(inches);
    await button.click();
    await expect(page.locator("body")).toContainText(`for ${title}; it stands with the quilt.`);
    cuts.push({ title, label, over, off });
    // The queue is worked out anew beside the page.
    await expect(async () => {
      await page.goto("/shelf");
      await expect(page.locator("#wanted ~ ul a", { hasText: title })).toHaveCount(0, { timeout: 500 });
    }).toPass();
  }
  expect(cuts.length).toBeGreaterThanOrEqual(5);
  await expect(page.locator("#wanted ~ ul a", { hasText: "Wide hours" })).toContainText("nothing covers it: buy");

  const after = await shelf(page);
  const area = (things) => [...things.values()].reduce((sum, one) => sum + one.width * one.length, 0);
  // Nothing has come out of nothing; what is missing was too narrow to keep.
  const cut = cuts.reduce((sum, { over, off }) => sum + over * off, 0);
  expect(area(after) + cut).toBeLessThanOrEqual(area(before) + 1);
  expect(area(after) + cut).toBeGreaterThan(0.9 * area(before));
  for (const { label, off } of cuts.filter((one) => one.label.startsWith("R"))) {
    before.get(label).length -= off;
  }
  for (const [label, { length }] of before) {
    if (label.startsWith("R")) {
      expect(after.get(label)?.length ?? 0, label).toBeCloseTo(length, 2);
    } else {
      expect(after.has(label), label).toBe(!cuts.some((one) => one.label === label));
    }
  }
  const [last] = cuts.slice(-1);
  await openQuilt(page, last.title, "backing");
  const fields = [page.getByLabel("Width", { exact: true }), page.getByLabel("Length", { exact: true })];
  const entered = await Promise.all(fields.map(async (field) => inches(await field.inputValue())));
  expect(entered).toEqual([last.over, last.off]);

  // Taken back, so that whoever comes after finds the shelf as it was.
  for (const { label } of cuts.reverse()) {
    await page.goto("/shelf/find?label=" + label);
    await page.getByRole("button", { name: "Take it back" }).first().click();
    await expect(page.getByText("the shelf is as it was before that cut")).toBeVisible();
  }
  expect([...(await shelf(page)).keys()].sort()).toEqual([...before.keys()].sort());
  expect(errors).toEqual([]);
});

test("pieces are measured one after another with the tape", async ({ page }) => {
  await signIn(page);
  await page.goto("/shelf/measure");
  const tape = await page.context().newPage();
  await tape.goto("/devices");
  const send = (mm) =>
    tape.evaluate((length_mm) => {
      const channel = new BroadcastChannel("schwung-devices");
      channel.postMessage({ device: "tape", length_mm });
      channel.close();
    }, mm);
  await page.bringToFront();
  await page.waitForLoadState("load");
  await page.getByLabel("How wide is the next piece").focus();
  await send(40 * 25.4);
  await expect(page.getByLabel("Its length")).toBeFocused();
  await page.waitForLoadState("load");
  await send(62 * 25.4);
  await expect(page.getByText("40 in × 62 in, cotton").first()).toBeVisible();
  await page.getByLabel("How wide is the next piece").fill("24 x 30");
  await page.keyboard.press("Enter");
  await expect(page.getByText("24 in × 30 in, cotton").first()).toBeVisible();
  for (const size of ["24 in × 30 in", "40 in × 62 in"]) {
    await page.goto("/shelf/measure");
    await page.locator("li", { hasText: size }).first().locator("a").first().click();
    await page.getByRole("button", { name: "It is used up, or gone" }).click();
    await expect(page.getByText("is off the shelf.")).toBeVisible();
  }
});

test("thread, holding and recipes are sound, and a pair of threads is laid on both cloths", async ({ page }) => {
  await signIn(page);
  for (const address of ["/shelf", "/shelf/threads", "/shelf/holding", "/shelf/recipes"]) {
    await page.goto(address);
    await expectSoundAt(page, [390, 844], [1280, 800]);
  }
  await openQuilt(page, "Harbour lamps", "load");
  await page.getByRole("link", { name: /Its recipe/ }).click();
  await expect(page.getByText("The upper thread lasts:")).toBeVisible();
  await page.getByLabel("Tension").fill("two and a quarter");
  await page.reload();
  await expect(page.getByLabel("Tension")).toHaveValue("two and a quarter");
  await page.getByRole("button", { name: "Keep the recipe" }).click();
  await expect(page.getByText("The recipe is kept.")).toBeVisible();
  await expectSoundAt(page, [390, 844], [1280, 800]);
});
