import { expect, test } from "@playwright/test";
import { expectAccessible, expectNoOverflow, openQuilt, signIn, watchErrors } from "./studio.mjs";

test.beforeEach(async ({ page }) => signIn(page));

test("a number redraws drawing, figures and sentence, and its line lights up", async ({ page }) => {
  const errors = watchErrors(page);
  await openQuilt(page, "Harbour lamps", "backing");
  const outline = page.locator("svg.bed polygon").first();
  const before = await outline.getAttribute("points");
  const field = page.getByLabel("Backing, right side");
  await field.focus();
  await expect(page.locator('.measure-line[data-line="backing/sides/right"]')).toHaveClass(/lit/);
  await field.fill("95");
  await expect(outline).not.toHaveAttribute("points", before);
  await expect(field).toBeFocused();
  // The field is left by this and sends what it holds once more, which is not to come after it.
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(outline).toHaveAttribute("points", before);
  expect(errors).toEqual([]);
});

test("a working that is open stays open while its figures change, and one that was closed stays closed", async ({
  page,
}) => {
  await openQuilt(page, "Harbour lamps", "backing");
  const workings = page.locator("#workspace details.figures");
  const [opened, other] = ["Left across", "Needed along"].map((name) => workings.filter({ hasText: name }).first());
  await opened.locator("summary").click();
  const before = await opened.innerText();
  await page.getByLabel("Backing, top side").fill("77");
  await expect(opened).not.toHaveText(before);
  await expect(opened).toHaveAttribute("open");
  await expect(other).not.toHaveAttribute("open");
  await opened.locator("summary").click();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByLabel("Backing, top side")).toHaveValue(/78/);
  await expect(opened).not.toHaveAttribute("open");
});

test("a working that is open stays open where a figure comes before it, and after it was away", async ({ page }) => {
  await openQuilt(page, "Kite weather", "backing");
  const named = (name) =>
    page
      .locator("#workspace details")
      .filter({ has: page.locator("summary > :first-child", { hasText: new RegExp(`^${name}$`) }) });
  const [stays, goes, field] = [named("Needed along"), named("Left across"), page.getByLabel("Backing, top side")];
  await stays.locator("summary").click();
  await goes.locator("summary").click();
  await field.fill("60");
  await expect(named("Missing across")).toBeVisible();
  await expect(goes).toHaveCount(0);
  await expect(stays).toHaveAttribute("open");
  await expect(page.locator("#workspace details[open]")).toHaveCount(1);
  await field.fill("75");
  await expect(goes).toHaveAttribute("open");
  await expect(page.locator("#workspace details[open]")).toHaveCount(2);
});

test("a working that the answer to a change left out comes once it is opened, and what is typed meanwhile stays", async ({
  page,
}) => {
  await openQuilt(page, "Harbour lamps", "backing");
  const figure = page.locator("#workspace details.figures").filter({ hasText: "Needed along" }).first();
  const [field, other] = [page.getByLabel("Backing, top side"), page.getByLabel("Backing, right side")];
  await expect(figure.locator("table")).toHaveCount(1);
  await field.fill("77");
  await expect(figure.locator("[data-left-out]")).toHaveCount(1);
  await other.fill("97");
  await figure.locator("summary").click();
  await expect(figure.locator("table")).toBeVisible();
  await expect(figure.locator("[data-left-out]")).toHaveCount(0);
  await expect(field).toHaveValue("77 in");
  await expect(other).toHaveValue("97 in");
  // Of the parts that stay as they are only the name was sent.
  await expect(page.locator("[data-shown]")).toHaveCount(0);
  await expect(page.getByLabel("Lead held by")).toBeVisible();
  await expect(page.getByRole("navigation", { name: "Stages" }).getByRole("link")).toHaveCount(8);
  // One inside another: the margins, and how one of them comes about.
  await page.locator("#workspace summary", { hasText: "Margins" }).click();
  const lead = page
    .locator("#workspace details.figures")
    .filter({ hasText: /^\s*Lead/ })
    .first();
  await expect(lead.locator("[data-left-out]")).toHaveCount(1);
  await lead.locator("summary").click();
  await expect(lead.locator("table")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(other).not.toHaveValue("97 in");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(field).toHaveValue("78 in");
});

test("a figure that has the focus keeps its name where another comes in before it", async ({ page }) => {
  await openQuilt(page, "Harbour lamps", "backing");
  const [field, names] = [page.getByLabel("Backing, top side"), page.locator("#workspace details.figures summary")];
  const figure = page.locator("#workspace details.figures").filter({ hasText: /^\s*Needed along/ });
  await field.fill("60");
  await expect(names.filter({ hasText: "Missing across" })).toHaveCount(1);
  await field.fill("");
  await expect(names.filter({ hasText: /(Missing|Left) across/ })).toHaveCount(0);
  await field.fill("60");
  await figure.locator("summary").click();
  await expect(names.filter({ hasText: "Missing across" })).toHaveCount(1);
  await expect(figure).toHaveCount(1);
  await expect(figure.locator("summary")).toBeFocused();
  await expect(figure.locator("table")).toBeVisible();
  await field.fill("78");
  await expect(names.filter({ hasText: "Missing across" })).toHaveCount(0);
});

test("a working that is fetched is given up for what is typed meanwhile", async ({ page }) => {
  await openQuilt(page, "Harbour lamps", "backing");
  const field = page.getByLabel("Backing, top side");
  const left = page.locator("#workspace details.figures").filter({ hasText: /^\s*Left across/ });
  await left.locator("summary").click();
  await field.fill("60");
  await expect(left).toHaveCount(0);
  // It comes back open, and its working is fetched; that answer is held back.
  let hold = () => {};
  const fetched = new Promise((told) => {
    hold = () => told(undefined);
  });
  await page.route("**/quilts/**", async (route) => {
    const sent = new URLSearchParams(route.request().postData() ?? "");
    if (sent.get("opened") === "Left across" && sent.get("f[backing/sides/top]") === "77") {
      hold();
    } else {
      await route.continue();
    }
  });
  await field.fill("77");
  await fetched;
  const isCutOff = page.evaluate(
    () => new Promise((told) => document.addEventListener("htmx:sendAbort", () => told(true), { once: true })),
  );
  await field.fill("78");
  await isCutOff;
  await expect(left.locator("table")).toBeVisible();
  await expect(left.locator("summary")).toContainText("1 ⅞ in");
});

test("what is typed quickly, one field after the other, is all kept", async ({ page }) => {
  await openQuilt(page, "Unopened parcel", "measure");
  const entries = ["41", "41", "41 1/8", "52", "52", "52 1/4"];
  const fields = [
    "Width at the top",
    "Width in the middle",
    "Width at the bottom",
    "Length at the left",
    "Length in the middle",
    "Length at the right",
  ];
  for (const [i, name] of fields.entries()) {
    await page.getByRole("textbox", { name, exact: true }).pressSequentially(entries[i], { delay: 15 });
  }
  await expect(page.locator("#sheet h2")).toHaveText("The top is 41 ⅛ in × 52 ¼ in.");
  await page.reload();
  for (const [i, name] of fields.entries()) {
    await expect(page.getByRole("textbox", { name, exact: true })).toHaveValue(
      entries[i].replace(" 1/8", " ⅛").replace(" 1/4", " ¼") + " in",
    );
  }
});

test("an unreadable entry is told at its place and survives a reload", async ({ page }) => {
  await openQuilt(page, "Full sails", "measure");
  await page.getByLabel("Diagonal from top left", { exact: true }).fill("about a hundred");
  await expect(page.getByText('"about a hundred" is not a length.')).toBeVisible();
  await expectAccessible(page);
  await page.reload();
  await expect(page.getByLabel("Diagonal from top left", { exact: true })).toHaveValue("about a hundred");
  await page.getByLabel("Diagonal from top left", { exact: true }).fill("");
  await expect(page.getByText("is not a length.")).toHaveCount(0);
});

test("a lost connection loses nothing", async ({ page, context }) => {
  await openQuilt(page, "Cloud ledger", "measure");
  await context.setOffline(true);
  await page.getByLabel("Length at the left", { exact: true }).fill("76 1/2");
  await expect(page.getByText("No answer from the server.")).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText("No answer from the server.")).toBeHidden({ timeout: 15_000 });
  await page.reload();
  await expect(page.getByLabel("Length at the left", { exact: true })).toHaveValue("76 ½ in");
});

test("a form that was not sent is there again after a reload", async ({ page }) => {
  await page.goto("/quilts/new");
  await page.getByLabel("Title").fill("Half told");
  await page.getByLabel("Client").fill("Nobody yet");
  await page.reload();
  await expect(page.getByLabel("Title")).toHaveValue("Half told");
  await page.getByRole("button", { name: "Measure it" }).dblclick();
  await expect(page.getByRole("heading", { name: "Half told" })).toBeVisible();
  await page.goto("/?q=Half+told");
  await expect(page.locator("#shelf li")).toHaveCount(1);
  await page.goto("/quilts/new");
  await expect(page.getByLabel("Title")).toHaveValue("");
});

test("one switch shows every figure in the other units", async ({ page }) => {
  await openQuilt(page, "Harbour lamps", "backing");
  await page.getByRole("button", { name: "centimetres" }).click();
  await expect(page.getByLabel("Backing, top side")).toHaveValue("198.1 cm");
  await expect(page.locator("#sheet")).not.toContainText(/\d in\b(?! all| and|, short)/);
  await page.getByRole("button", { name: "inches" }).click();
  await expect(page.getByLabel("Backing, top side")).toHaveValue("78 in");
});

test("the workspace works without scripts", async ({ browser, baseURL }) => {
  const context = await browser.newContext({ javaScriptEnabled: false, baseURL });
  const page = await context.newPage();
  await signIn(page);
  await openQuilt(page, "Small hours", "backing");
  await page.getByLabel("Backing, top side").fill("52");
  await page.getByRole("button", { name: "Work it out" }).click();
  await expect(page.getByLabel("Backing, top side")).toHaveValue("52 in");
  await context.close();
});

test("the drawing is true: one scale, the top within the backing where it is said to fit", async ({ page }) => {
  await openQuilt(page, "Harbour lamps", "backing");
  const shape = await page.evaluate(() => {
    const box = (selector) => {
      const { width, height } = document.querySelector(selector).getBoundingClientRect();
      return { width, height };
    };
    return { top: box("svg.bed .layer-top"), backing: box("svg.bed polygon.outline") };
  });
  expect(shape.top.width / shape.top.height).toBeCloseTo(68.125 / 87.25, 1);
  expect(shape.backing.width / shape.top.width).toBeCloseTo(78 / 68.125, 1);
});

const stages = {
  measure: ["Full sails"],
  backing: ["Salt stairs", "Moth and candle", "Great meadow"],
  direction: ["Otter creek", "Unopened parcel"],
  attach: ["Harbour lamps", "Full sails", "Cloud ledger"],
  load: ["Harbour lamps", "Great meadow"],
  passes: ["Harbour lamps", "Winter coat", "Long table"],
};

const sizes = [
  [1280, 800],
  [820, 1180],
  [390, 844],
];

for (const [stage, titles] of Object.entries(stages)) {
  test(`stage ${stage} is sound at any size`, async ({ page }) => {
    for (const [place, title] of titles.entries()) {
      await openQuilt(page, title, stage);
      // Read at one size, in turn: the tree of a page is nearly the same at each.
      for (const [turn, [width, height]] of sizes.entries()) {
        await page.setViewportSize({ width, height });
        await expectNoOverflow(page);
        if (turn === place % sizes.length) {
          await expectAccessible(page);
        }
      }
    }
  });
}

test("on a phone no letter of a drawing is smaller than 11 px", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const [title, stage] of [
    ["Harbour lamps", "measure"],
    ["Long acre", "backing"],
    ["Great meadow", "load"],
  ]) {
    await openQuilt(page, title, stage);
    const sizes = await page.locator("svg.bed text[font-size]:visible").evaluateAll((texts) =>
      texts.map((text) => {
        const drawing = text.ownerSVGElement;
        return (
          Number(text.getAttribute("font-size")) *
          (drawing.getBoundingClientRect().width / drawing.viewBox.baseVal.width)
        );
      }),
    );
    expect(sizes.length, stage).toBeGreaterThan(4);
    expect(Math.min(...sizes), stage).toBeGreaterThan(10.99);
  }
});

test("the dark variant has contrast too", async ({ page }) => {
  await page.emulateMedia({ colorScheme: "dark" });
  for (const [title, stage] of [
    ["Salt stairs", "backing"],
    ["Full sails", "backing"],
    ["Otter creek", "direction"],
    ["Winter coat", "passes"],
    ["Long table", "passes"],
  ]) {
    await openQuilt(page, title, stage);
    await expectAccessible(page);
  }
});

test("another way of loading says which steps it changes, and marks them", async ({ page }) => {
  const errors = watchErrors(page);
  await openQuilt(page, "Great meadow", "load");
  const rear = page.getByLabel(/from the rear, lead end first/);
  await expect(rear).toBeChecked();
  await page.getByLabel(/from the front, tail end first/).check();
  await expect(page.locator("#changes")).toHaveText("4 steps changed: marked below.");
  await expect(page.locator(".steps [data-changed] .mark-changed:visible")).toHaveText(Array(4).fill("changed"));
  await page.getByLabel(/a top with body hangs straight/).check();
  await expect(page.locator("#changes")).toContainText("1 step fewer");
  await expect(page.locator(".steps [data-step=hold-end]")).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.locator(".steps [data-step=hold-end] .mark-added")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(rear).toBeChecked();
  await expectAccessible(page);
  await expectNoOverflow(page);
  expect(errors).toEqual([]);
});
