import { expect, test } from "@playwright/test";
import { expectAccessible, signIn, watchErrors } from "./studio.mjs";

test("a new studio takes in a short quilt, tries a remedy, keeps it and prints", async ({ page }) => {
  const errors = watchErrors(page);
  await page.goto("/sign-up");
  await expectAccessible(page);
  await page.getByLabel("Name of the studio").fill("Lowtide Quilting");
  await page.getByLabel("E-mail").fill(`runa-${Date.now()}@schwung.example`);
  await page.getByLabel("Password").fill("a long password");
  await page.getByRole("button", { name: "Open the studio" }).click();
  await expect(page.getByRole("heading", { name: "Your frame, in two measures" })).toBeVisible();
  await expectAccessible(page);

  await page.getByRole("link", { name: "Poles, clamps, or all measures at once" }).click();
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
  await expectAccessible(page);
  await page.getByRole("link", { name: "all at once" }).click();

  for (const place of ["top", "in the middle", "bottom"]) {
    await page
      .getByLabel(place === "in the middle" ? "Width in the middle" : `Width at the ${place}`, { exact: true })
      .fill("68");
  }
  await page.getByLabel("Length at the left", { exact: true }).fill("87 1/4");
  await page.getByLabel("Length in the middle", { exact: true }).fill("87.25");
  await page.getByLabel("Length at the right", { exact: true }).fill("7 ft 3 1/4");
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

/** Counts what a person has to look at: a group of radio buttons is one question. */
async function countFields(page) {
  return page.locator("main").evaluate((main) => {
    const shown = [...main.querySelectorAll("input, select, textarea")].filter(
      (field) => field.type !== "hidden" && field.checkVisibility(),
    );
    return new Set(shown.map((field) => field.name)).size;
  });
}

test("a newcomer reads a first sentence after thirteen fields on four pages", async ({ page }) => {
  const errors = watchErrors(page);
  let [fields, pages] = [0, 0];
  const meet = async () => {
    fields += await countFields(page);
    pages += 1;
  };
  await page.goto("/sign-up");
  await meet();
  await page.getByLabel("Name of the studio").fill("Sand bar");
  await page.getByLabel("E-mail").fill(`sand-${Date.now()}@schwung.example`);
  await page.getByLabel("Password").fill("three wet dogs running");
  await page.getByRole("button", { name: "Open the studio" }).click();

  await expect(page.getByRole("heading", { name: "Your frame, in two measures" })).toBeVisible();
  await meet();
  await page.getByLabel("Rail").fill("120");
  await page.getByLabel("Throat").fill("18");
  await page.getByRole("button", { name: "Now the first quilt" }).click();

  await expect(page.getByRole("heading", { name: "New quilt" })).toBeVisible();
  await meet();
  await page.getByLabel("Title").fill("Wet sand");
  await page.getByLabel("Client").fill("Isbel Quarrender");
  await page.getByRole("button", { name: "Measure it" }).click();

  const [field, sentence] = [page.locator("#tape-field"), page.locator("#walk-sentence")];
  await expect(page.getByRole("textbox", { name: "Width at the top" })).toBeFocused();
  pages += 1;
  const type = async (text, next) => {
    fields += 1;
    await field.fill(text);
    await page.keyboard.press("Enter");
    await expect(page.getByRole("textbox", { name: next })).toBeVisible();
  };
  await type("60", "Length at the right");
  await type("79-1/2", "Width at the bottom");
  await expect(sentence).toContainText("It needs a backing of 68 in to 69 ¼ in across");
  await page.getByRole("link", { name: "The backing is on the table now" }).click();
  await expect(page.getByRole("textbox", { name: "Backing, top side" })).toBeFocused();
  await type("2 yds", "Backing, right side");
  await type("90", "Backing, left side");
  await expect(sentence).toContainText(/^\s*It (may|will) load/);

  expect(pages).toBe(4);
  expect(fields).toBe(13);

  // What the sentence did not need is marked as usual, and asked for where a page goes by it.
  await page.goto(page.url().replace(/tape.*/, "passes"));
  await expect(page.getByText("Arm clearance and take-up roller of the frame are not measured yet")).toBeVisible();
  await page.getByRole("link", { name: "Measure them" }).click();
  await expectAccessible(page);
  await page.getByLabel("Arm clearance").fill("7");
  await page.getByRole("button", { name: "So it is" }).click();
  await expect(page.getByText("are not measured yet")).toBeHidden();
  expect(errors).toEqual([]);
});

test("what is taped without a connection is kept and sent", async ({ page, context }) => {
  await signIn(page);
  await page.goto("/quilts/new");
  await page.getByLabel("Title").fill(`No signal ${Date.now()}`);
  await page.getByLabel("Client").fill("Isbel Quarrender");
  await page.getByRole("button", { name: "Measure it" }).click();
  await expect(page.getByRole("textbox", { name: "Width at the top" })).toBeFocused();

  await context.setOffline(true);
  await page.locator("#tape-field").fill("61");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("textbox", { name: "Length at the right" })).toBeVisible();
  await page.locator("#tape-field").fill("82");
  await page.keyboard.press("Enter");
  await expect(page.getByText("kept here")).toHaveCount(2);
  // The browser itself says that the line is back.
  await context.setOffline(false);
  await expect(page.locator("#walk-sentence")).toContainText("It needs a backing of 69 in");
});

test("the bench and the walk round the table open without a connection", async ({ page, context }) => {
  await signIn(page);
  await page.goto("/");
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.goto("/quilts/new");
  await page.getByLabel("Title").fill(`Cellar ${Date.now()}`);
  await page.getByLabel("Client").fill("Isbel Quarrender");
  await page.getByRole("button", { name: "Measure it" }).click();
  await expect(page.getByRole("textbox", { name: "Width at the top" })).toBeFocused();
  const address = page.url();
  for (const kept of ["/", new URL(address).pathname]) {
    await expect.poll(() => page.evaluate(async (path) => (await caches.match(path)) !== undefined, kept)).toBe(true);
  }

  await context.setOffline(true);
  await page.reload();
  await page.locator("#tape-field").fill("64");
  await page.keyboard.press("Enter");
  await expect(page.getByText("kept here")).toBeVisible();
  await page.reload();
  await expect(page.getByText("kept here")).toBeVisible();
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Bench" })).toBeVisible();

  await context.setOffline(false);
  await page.goto(address);
  await expect(page.getByRole("link", { name: "Width at the top" })).toContainText("64 in");
});

test("the tape's button goes on by itself", async ({ page, context }) => {
  await signIn(page);
  await page.goto("/quilts/new");
  await page.getByLabel("Title").fill(`By tape ${Date.now()}`);
  await page.getByLabel("Client").fill("Isbel Quarrender");
  await page.getByRole("button", { name: "Measure it" }).click();
  await expect(page.getByRole("textbox", { name: "Width at the top" })).toBeFocused();
  const tape = await context.newPage();
  await tape.goto("/devices");
  await tape.getByLabel("Length").fill("61.5");
  await tape.getByRole("button", { name: "Send" }).click();
  await page.bringToFront();
  await expect(page.getByRole("textbox", { name: "Length at the right" })).toBeVisible();
  await expect(page.getByRole("link", { name: "Width at the top" })).toContainText("61 ½ in");
});

test("an example can be walked without an account", async ({ page, context }) => {
  const errors = watchErrors(page);
  await page.goto("/look");
  await expectAccessible(page);
  await page
    .getByRole("navigation", { name: "Stages" })
    .getByRole("link", { name: /Backing/ })
    .click();
  await expect(page.locator("#sheet h2")).toContainText("Not yet");
  await page.getByLabel("Backing, top side").fill("104");
  await page.getByLabel("Backing, bottom side").fill("104");
  await page.getByLabel("Backing, right side").fill("104");
  await page.getByLabel("Backing, left side").fill("104");
  await page.getByLabel("Diagonal, top left").fill("");
  await expect(page.locator("#sheet h2")).toContainText("It will load");
  await page
    .getByRole("navigation", { name: "Stages" })
    .getByRole("link", { name: /Passes/ })
    .click();
  await expectAccessible(page);
  await page
    .getByRole("navigation", { name: "Stages" })
    .getByRole("link", { name: /Stitch/ })
    .click();
  await expect(page.getByRole("link", { name: "Open a studio" })).toBeVisible();
  expect(await context.cookies()).toEqual([]);
  expect(errors).toEqual([]);
});
