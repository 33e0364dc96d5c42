import { expect, test } from "@playwright/test";
import { expectAccessible, openQuilt, signIn, watchErrors } from "./studio.mjs";

test.beforeEach(async ({ page }) => signIn(page));

test("another hold redraws the rail, its minutes and what to fetch, and is undone", async ({ page }) => {
  const errors = watchErrors(page);
  await openQuilt(page, "Nine winds", "attach");
  const pieces = page.locator("figure", { hasText: "Lead" }).locator(".pin");
  const pins = await pieces.count();
  expect(pins).toBeGreaterThan(15);
  await page.getByLabel("Held by").first().selectOption("zip");
  await expect(page.locator("figure", { hasText: "Lead" }).locator(".piece")).toHaveCount(1);
  await expect(page.getByText("1 zip for the lead.")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(pieces).toHaveCount(pins);
  expect(errors).toEqual([]);
});

test("pieces stand at their true places on one scale", async ({ page }) => {
  await openQuilt(page, "Nine winds", "attach");
  const places = await page
    .locator("figure", { hasText: "Lead" })
    .locator(".pin")
    .evaluateAll((pins) => pins.map((pin) => Number(pin.getAttribute("x"))));
  const gaps = places.slice(1).map((place, i) => place - places[i]);
  expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(0.1);
  expect(gaps[0]).toBeLessThanOrEqual(4 * 25.4);
});

test("a stock that does not reach says how much is missing", async ({ page }) => {
  await openQuilt(page, "Cloud ledger", "attach");
  await expect(page.locator("#sheet h2")).toHaveText("What is at hand does not hold it.");
  await expect(page.locator("summary", { hasText: "Clips missing" })).toContainText("10 in");
});

test("on a phone the rail is paged along in large print", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openQuilt(page, "Nine winds", "attach");
  const rail = page.getByRole("region", { name: "lead rail, piece by piece" });
  const sizes = await rail.evaluate((box) => [box.scrollWidth, box.clientWidth]);
  expect(sizes[0]).toBeGreaterThan(2 * sizes[1]);
  await rail.focus();
  await page.keyboard.press("ArrowRight");
  await expect.poll(() => rail.evaluate((box) => box.scrollLeft)).toBeGreaterThan(0);
  await expectAccessible(page);
});

test("a leader check is entered, kept when it is wrong, drawn when it is right", async ({ page }) => {
  const errors = watchErrors(page);
  await page.goto("/frames");
  await page.getByRole("link", { name: /North frame/ }).click();
  await page.getByRole("link", { name: "Its leaders: wear and checks" }).click();
  await expectAccessible(page);
  const side = page.locator("form", { has: page.locator("#readings-top") });
  const station = (name) => side.getByRole("button", { name });
  await station(/^45 in to the left/).click();
  await expect(station("45 in to the left: not measured")).toHaveCount(0);
  await side.getByRole("button", { name: "1/16 in more" }).click();
  await station(/^at the centre mark/).click();
  await page.reload();
  await expect(station("45 in to the left: 1 1/16 in")).toBeVisible();
  const write = side.getByRole("button", { name: "Write the check down" });
  await write.click();
  await expect(page.getByText("There are 2 readings; a check has from 3 to 60.")).toBeVisible();
  const lines = page.locator("#readings-top");
  await expect(lines).toHaveValue("-45 in: 1 1/16 in\n0 in: 1 1/16 in");
  await lines.fill("-40: 1 1/2\n0: 1 5/8\n40: 1 1/2");
  await write.click();
  await expect(page.getByText("The leader is straight enough to hang cloth from.")).toBeVisible();
  await expect(lines).toHaveValue("");
  expect(errors.filter((error) => !error.includes("422"))).toEqual([]);
});
