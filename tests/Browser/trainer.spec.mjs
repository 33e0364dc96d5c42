import { expect, test } from "@playwright/test";
import { expectAccessible, expectSoundAt, signIn, watchErrors } from "./studio.mjs";

test.beforeEach(async ({ page }) => signIn(page));

test("a round of the trainer: look, measure, choose, learn", async ({ page }) => {
  const errors = watchErrors(page);
  await page.goto("/tension");
  await page.getByRole("link", { name: "Trainer" }).click();
  await expectAccessible(page);
  await page.getByLabel("Level").selectOption("2");
  await page.getByLabel("Number of a bed, from 0 to 99999").fill("4719");
  await page.getByRole("button", { name: "Open this bed" }).click();
  await expect(page).toHaveURL(/\/tension\/trainer\/2\/4719$/);
  await page.getByRole("link", { name: /Look into the bed/ }).click();
  await expect(page.getByText("A diagonal pull")).toBeVisible();
  await page.getByRole("link", { name: /Measure the cloth/ }).click();
  await expect(page.getByText(/centre marks of both ends/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole("heading", { name: "7 minutes spent. What is it?" })).toBeVisible();
  await expectSoundAt(page, [390, 844], [820, 1180], [1280, 800]);
  await page.getByLabel("One end is off its centre").check();
  await page.getByLabel("Shift that end.").check();
  await page.getByRole("button", { name: "That is it" }).click();
  await expect(page.getByRole("heading", { name: "100 of 100 points" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "One end is off its centre" })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("link", { name: "Another bed" }).click();
  await expect(page.getByRole("heading", { name: /Something is wrong/ })).toBeVisible();
  expect(errors).toEqual([]);
});

test("a slider of the free bench changes bed and quilt at once", async ({ page }) => {
  const errors = watchErrors(page);
  await page.goto("/tension/bench");
  await expect(page.locator("h1")).toHaveText("It lies flat to the eye.");
  await expectSoundAt(page, [390, 844], [1280, 800]);
  const middle = page.getByRole("slider", { name: "The middle" });
  await middle.focus();
  for (let i = 0; i < 4; i += 1) {
    await page.keyboard.press("ArrowRight");
  }
  await expect(page.locator("h1")).toHaveText("The middle hangs.");
  await expect(page.locator("#says-bow")).toHaveText("¼ in longer at the middle");
  await expect(middle).toBeFocused();
  await page.getByLabel("Lies").selectOption("roller to roller");
  await page.getByLabel("Pressed").selectOption("to one side");
  await expect(page.locator("h1")).toHaveText("A ridge grows on the roll.");
  await expect(page).toHaveURL(/bow=4/);
  await page.reload();
  await expect(page.locator("h1")).toHaveText("A ridge grows on the roll.");
  expect(errors).toEqual([]);
});
