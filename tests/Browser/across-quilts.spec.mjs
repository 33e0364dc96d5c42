import { expect, test } from "@playwright/test";
import { expectAccessible, expectSoundAt, openBench, signIn } from "./studio.mjs";

// Comes before the tests that put quilts of their own on the frames of the demo.
test.beforeEach(async ({ page }) => signIn(page));

test("what keeps coming back in the demo's year is said, and leads to its task", async ({ page }) => {
  await page.goto("/tension");
  await expectSoundAt(page, [390, 844], [1280, 800]);
  await expect(page.getByText(/The middle hangs, centre, on 5 of the last 12 loads/)).toBeVisible();
  await expect(page.locator(".border-attention")).toHaveCount(1);
  await page.getByLabel("What is seen").selectOption("a pleat in the top");
  await page.getByRole("button", { name: "Show" }).click();
  await expect(page.locator("section ol li").first()).toContainText("A pleat in the top");
  await page.getByRole("button", { name: "Check the leaders" }).click();
  await expect(page.getByRole("heading", { name: "To do" })).toBeVisible();
  await openBench(page);
  await expectAccessible(page);
  await page.locator("#tasks summary", { hasText: "more" }).click();
  await page.getByRole("link", { name: "Check the leaders, North frame." }).click();
  await expect(page).toHaveURL(/\/leaders$/);
});
