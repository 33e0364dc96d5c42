import { expect, test } from "@playwright/test";
import { openQuilt, signIn, watchErrors } from "./studio.mjs";

test.beforeEach(async ({ page }) => signIn(page));

/** The pass that the page shows in all three places that tell it. */
async function expectPass(page, number) {
  await expect(page.locator('label[for="pass"]')).toHaveText(`Pass ${number} of 10`);
  await expect(page.locator("#sheet summary", { hasText: "Depth at pass" })).toContainText(`Depth at pass ${number}`);
  await expect(page.locator("svg.bed text.halo.strong")).toHaveText(String(number));
}

for (const [width, height] of [
  [1280, 800],
  [820, 1180],
]) {
  test(`the slider winds the quilt by its keys at ${width} × ${height}`, async ({ page }) => {
    const errors = watchErrors(page);
    await page.setViewportSize({ width, height });
    await openQuilt(page, "Harbour lamps", "passes");
    await expectPass(page, 1);
    const radius = () =>
      page
        .locator("svg .rolled")
        .getAttribute("r")
        .then((r) => Number(r));
    const before = await radius();
    const slider = page.getByRole("slider", { name: "Pass" });
    await slider.focus();
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press("ArrowRight");
    await expectPass(page, 4);
    await expect(slider).toBeFocused();
    await page.keyboard.press("ArrowLeft");
    await expectPass(page, 3);
    await page.keyboard.press("End");
    await expectPass(page, 10);
    expect(await radius()).toBeGreaterThan(before * 1.5);
    await page.reload();
    await expectPass(page, 10);
    expect(errors).toEqual([]);
  });

  test(`the slider winds the quilt by touch at ${width} × ${height}`, async ({ browser, baseURL }) => {
    const context = await browser.newContext({
      baseURL,
      hasTouch: true,
      viewport: { width, height },
    });
    const page = await context.newPage();
    await signIn(page);
    await openQuilt(page, "Harbour lamps", "passes");
    const box = await page.getByRole("slider", { name: "Pass" }).boundingBox();
    expect(box.height).toBeGreaterThanOrEqual(44);
    await page.touchscreen.tap(box.x + box.width - 4, box.y + box.height / 2);
    await expectPass(page, 10);
    await page.getByRole("link", { name: "One pass back" }).tap();
    await expectPass(page, 9);
    await context.close();
  });
}

test("left and right wind the quilt wherever the page is, but not in a field", async ({ page }) => {
  await openQuilt(page, "Harbour lamps", "passes");
  await page.locator("h1").click();
  await page.keyboard.press("ArrowRight");
  await expectPass(page, 2);
  const height = page.getByLabel("Row height");
  await height.focus();
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("ArrowLeft");
  await expect(height).toBeFocused();
  await expectPass(page, 2);
});

test("winding changes nothing of the quilt", async ({ page }) => {
  await openQuilt(page, "Fjordlys", "passes");
  const revision = await page.locator("#sheet input[name=revision]").getAttribute("value");
  /** @type {string[]} */
  const changes = [];
  page.on("request", (request) => request.method() === "POST" && changes.push(request.url()));
  await page.getByRole("slider", { name: "Pass" }).focus();
  for (let i = 0; i < 4; i += 1) {
    await page.keyboard.press("ArrowRight");
  }
  await expect(page.locator('label[for="pass"]')).toHaveText("Pass 5 of 7");
  await page.reload();
  await expect(page.locator("#sheet input[name=revision]")).toHaveAttribute("value", revision);
  expect(changes).toEqual([]);
});

test("a roll that does not fit is saved by turning round, kept, and undone", async ({ page }) => {
  const errors = watchErrors(page);
  await openQuilt(page, "Winter coat", "passes");
  await expect(page.locator("#sheet h2")).toContainText("goes under the arm");
  await page.getByRole("link", { name: "Try: Turn it round in the middle" }).click();
  await expect(page.locator("#sheet h2")).toContainText("turned round in the middle");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("Kept: it is turned round in the middle.")).toBeVisible();
  await expect(page.locator("nav[aria-label=Stages] a[aria-current=step]")).toContainText("fine");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.locator("#sheet h2")).toContainText("goes under the arm");
  expect(errors).toEqual([]);
});

test("the way round is overruled, says what it costs, and is proposed again", async ({ page }) => {
  await openQuilt(page, "Otter creek", "direction");
  await expect(page.locator("tr", { hasText: "→ decides" })).toContainText("Stretch");
  await page.getByRole("button", { name: "As it is", exact: true }).click();
  await expect(page.getByText("Overruled. It costs:")).toBeVisible();
  await expect(page.locator("#sheet h2")).toHaveText("You load it as it is, against the proposal.");
  await page.getByRole("button", { name: "As proposed: turned" }).click();
  await expect(page.getByText("Overruled. It costs:")).toHaveCount(0);
});

test("a design is brought in, chosen, and laid on the quilt", async ({ page }) => {
  await page.goto("/designs");
  await page.getByLabel("Name").fill("Arches");
  const file = (text) => ({
    name: "row.svg",
    mimeType: "image/svg+xml",
    buffer: Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg" width="8in" viewBox="0 0 80 40">${text}</svg>`),
  });
  await page.getByLabel("SVG of one row").setInputFiles(file("<script>alert(1)</script>"));
  await page.getByRole("button", { name: "Measure it and keep it" }).click();
  await expect(page.getByText("wants to run something (script)")).toBeVisible();
  await expect(page.getByLabel("Name")).toHaveValue("Arches");
  await page.getByLabel("SVG of one row").setInputFiles(file('<path d="M0 30C20-10 60-10 80 30"/>'));
  await page.getByRole("button", { name: "Measure it and keep it" }).click();
  await expect(page.locator("li", { hasText: "Arches" })).toContainText("3 in high, repeats every 8 in");

  await openQuilt(page, "Garden wall", "passes");
  await page.getByLabel("Design").selectOption({ label: "Arches" });
  await expect(page.getByLabel("Row height")).toHaveValue("3 in");
  await expect(page.locator("svg.bed use").first()).toBeAttached();
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "The laid design as SVG" }).click();
  expect((await download).suggestedFilename()).toBe("design.svg");
});
