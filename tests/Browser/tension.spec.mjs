import { expect, test } from "@playwright/test";
import { begin, bringIn, expectSent, goTo, job } from "./loads.mjs";
import { expectAccessible, signIn, watchErrors } from "./studio.mjs";

test.beforeEach(async ({ page }) => signIn(page));

test("from a problem at the frame to what helped, in a few taps", async ({ page }) => {
  const errors = watchErrors(page);
  const quilt = await bringIn(page, job("Why it hangs"));
  await begin(page, quilt);
  await goTo(page, "inspect");
  await page.keyboard.press("p");
  await page.getByRole("radio", { name: "The middle hangs" }).check();
  await page.getByRole("button", { name: "Write it down" }).click();
  await expectSent(page);
  const why = page.getByRole("link", { name: "Why?" });
  await expect(why).toBeVisible();
  await why.click();
  await expect(page).toHaveURL(/\/problem\//);
  await expect(page.locator("h1")).toContainText("The middle hangs: most likely");
  for (const [width, height] of [
    [390, 844],
    [820, 1180],
    [1280, 800],
  ]) {
    await page.setViewportSize({ width, height });
    await expectAccessible(page);
  }
  // The test of the first cause says no: another one leads.
  const test = page.locator("section[aria-labelledby=test]");
  while (await test.getByRole("button", { name: "No", exact: true }).count()) {
    const asked = await test.textContent();
    await test.getByRole("button", { name: "No", exact: true }).click();
    await expect(test).not.toHaveText(asked);
  }
  const first = await page.locator("h1").textContent();
  await page.getByRole("button", { name: "It is not" }).click();
  await expect(page.getByRole("heading", { name: "So far" })).toBeVisible();
  await expect(page.locator("h1")).not.toHaveText(first);
  await page.getByText("Tried it").first().click();
  await page.getByLabel("What was done").first().fill("Wound it back and forth twice.");
  await page.getByRole("button", { name: "It helped" }).first().click();
  await expect(page.getByText("Wound it back and forth twice. It helped.")).toBeVisible();
  await page.goto(`${quilt}/stitch`);
  await expect(page.getByText("Remedy", { exact: true })).toBeVisible();
  expect(errors).toEqual([]);
});
