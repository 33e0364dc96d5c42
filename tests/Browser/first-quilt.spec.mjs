import { expect, test } from "@playwright/test";
import { expectAccessible, watchErrors } from "./studio.mjs";

test("a new studio takes in a short quilt, tries a remedy, keeps it and prints", async ({ page }) => {
  const errors = watchErrors(page);
  await page.goto("/sign-up");
  await expectAccessible(page);
  await page.getByLabel("Name of the studio").fill("Lowtide Quilting");
  await page.getByLabel("Your name").fill("Runa Ebbers");
  await page.getByLabel("E-mail").fill(`runa-${Date.now()}@schwung.example`);
  await page.getByLabel("Password").fill("a long password");
  await page.getByRole("button", { name: "Open the studio" }).click();
  await expect(page.getByText("Measure your frame first")).toBeVisible();
  await expectAccessible(page);

  await page.getByRole("link", { name: "Measure your frame first" }).click();
  await page.getByLabel("Name").fill("Garden frame");
  await page.getByRole("textbox", { name: "Rail", exact: true }).fill("126");
  await page.getByRole("textbox", { name: "Throat" }).fill("20");
  await page.getByRole("textbox", { name: "Arm clearance" }).fill("22,9 cm");
  await page.getByRole("textbox", { name: "Take-up roller" }).fill("2");
  await page.getByRole("checkbox", { name: "channel clips" }).check();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Save the frame" }).click();
  await expect(page.getByText("Garden frame")).toBeVisible();

  await page.getByRole("link", { name: "Bench" }).click();
  await page.getByRole("link", { name: "New quilt" }).click();
  await page.getByLabel("Title").fill("Low tide");
  await page.getByLabel("Client").fill("Isbel Quarrender");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Measure it" }).click();

  for (const place of ["top", "in the middle", "bottom"]) {
    await page.getByLabel(place === "in the middle" ? "Width in the middle" : `Width at the ${place}`).fill("68");
  }
  await page.getByLabel("Length at the left").fill("87 1/4");
  await page.getByLabel("Length in the middle").fill("87.25");
  await page.getByLabel("Length at the right").fill("7 ft 3 1/4");
  await expect(page.getByRole("heading", { name: "The top is 68 in × 87 ¼ in." })).toBeVisible();

  await page.getByRole("link", { name: "Next: the backing" }).click();
  await page.getByLabel("Backing, top side").fill("70");
  await page.getByLabel("Backing, bottom side").fill("70");
  await page.getByLabel("Backing, right side").fill("90");
  await page.getByLabel("Backing, left side").fill("228,6 cm");
  const verdict = page.locator("#sheet h2");
  await expect(verdict).toHaveText("Not yet: the backing is 6 in short across and 5 ¼ in along.");
  await expectAccessible(page);

  await page.getByRole("link", { name: "Try: Sew on strips" }).click();
  await expect(page.getByText("Trying on: Sew on strips.")).toBeVisible();
  await expect(verdict).toHaveText("It will load once the strips are sewn on.");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("Kept: strips are sewn on.")).toBeVisible();

  await page.getByRole("button", { name: "Undo" }).click();
  await expect(verdict).toContainText("Not yet");
  await page.getByRole("button", { name: "Redo" }).click();
  await expect(verdict).toHaveText("It will load once the strips are sewn on.");

  await page.getByRole("link", { name: "Print" }).click();
  await expect(page.getByText("Cut list")).toBeVisible();
  await expectAccessible(page);
  expect((await page.pdf({ format: "A4" })).length).toBeGreaterThan(10_000);
  expect(errors).toEqual([]);
});
