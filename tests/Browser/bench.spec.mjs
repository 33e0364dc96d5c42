// A week at the bench: quilts are put where they are wanted by mouse, by keys, by touch and by the list.
import { request as httpRequest } from "node:http";
import { expect, test } from "@playwright/test";
import { expectAccessible, expectNoOverflow, expectSoundAt, openBench, signIn, watchErrors } from "./studio.mjs";

const answer = (page) => page.locator("#bench-answer");
const inLane = (page, title) => page.locator(`#lanes [data-title="${title}"]`);
const middle = async (locator) => {
  const box = await locator.boundingBox();
  return [box.x + box.width / 2, box.y + box.height / 2];
};

/** The titles in the lane of a quilt, in order. */
const order = (page, title) =>
  inLane(page, title).evaluate((link) => {
    const frame = link.dataset.frame;
    return [...document.querySelectorAll(`#lanes [data-frame="${frame}"]`)].map((one) => one.dataset.title);
  });

/** Pins go again, so that the week can begin anew. */
async function leaveToTheQueue(page, title) {
  await openBench(page, `/?q=${encodeURIComponent(title)}`);
  await page.getByRole("link", { name: `Place of ${title} in the queue` }).click();
  await page.getByRole("button", { name: "Leave it to the queue" }).click();
  await expect(page.getByText("is left to the queue again")).toBeVisible();
}

test.beforeEach(async ({ page }) => signIn(page));

test("Monday, by mouse: a quilt from the shelf is laid on a frame, and says what that means before", async ({
  page,
}) => {
  const errors = watchErrors(page);
  await openBench(page);
  await expectSoundAt(page, [1280, 800]);
  const [x, y] = await middle(page.locator('#shelf-drawing [data-title="Early bird"] rect').last());
  await inLane(page, "Second worm").scrollIntoViewIfNeeded();
  const box = await inLane(page, "Second worm").boundingBox();
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(box.x + 4, box.y + 40, { steps: 6 });
  await expect(answer(page)).toContainText(/Early bird on North frame.*passes, from .* until/);
  await page.mouse.move(x, 790, { steps: 4 });
  await expect(answer(page)).toBeHidden();
  await page.mouse.move(box.x + 4, box.y + 40, { steps: 4 });
  await expect(answer(page)).toContainText("passes, from");
  await page.mouse.up();
  const told = page.getByText(/Early bird is pinned: number \d+ on North frame/);
  const number = Number((await told.textContent())?.match(/number (\d+)/)?.[1]);
  await openBench(page);
  await expect(inLane(page, "Early bird").locator(".bench-pin")).toHaveCount(1);
  expect((await order(page, "Early bird")).indexOf("Early bird")).toBe(number - 1);
  expect(errors).toEqual([]);
  await leaveToTheQueue(page, "Early bird");
});

test("Tuesday, by keys: it is taken up, moved, left, and pinned where it is wanted", async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await openBench(page);
  await expectAccessible(page);
  await expectNoOverflow(page);
  const before = await order(page, "Pocket moon");
  await inLane(page, "Pocket moon").focus();
  await page.keyboard.press("m");
  await expect(answer(page)).toContainText("Pocket moon on North frame");
  await page.keyboard.press("ArrowDown");
  await expect(answer(page)).toContainText("Pocket moon on Window frame");
  await page.keyboard.press("Escape");
  await expect(answer(page)).toBeHidden();
  await page.keyboard.press("m");
  for (let i = 0; i < before.length; i += 1) {
    await page.keyboard.press("ArrowLeft");
  }
  await expect(answer(page)).toContainText("Pocket moon on North frame, next");
  await expect(answer(page)).toContainText("passes, from");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Pocket moon is pinned: number 1 on North frame")).toBeVisible();
  await openBench(page);
  expect((await order(page, "Pocket moon"))[0]).toBe("Pocket moon");
  await leaveToTheQueue(page, "Pocket moon");
});

test("Wednesday, by touch: the drawing scrolls, and a quilt that is pulled is not lost", async ({ browser }) => {
  const context = await browser.newContext({ hasTouch: true, isMobile: true, viewport: { width: 820, height: 1180 } });
  const page = await context.newPage();
  await signIn(page);
  await openBench(page);
  const touch = await context.newCDPSession(page);
  const [x, y] = await middle(page.locator('#shelf-drawing [data-title="Second worm"] rect').last());
  const box = await page.locator("#lanes a").first().boundingBox();
  const at = (type, px, py) =>
    touch.send("Input.dispatchTouchEvent", { type, touchPoints: type === "touchEnd" ? [] : [{ x: px, y: py }] });
  await at("touchStart", x, y);
  for (let i = 1; i <= 6; i += 1) {
    await at("touchMove", x + ((box.x + 6 - x) * i) / 6, y + ((box.y + 30 - y) * i) / 6);
  }
  await expect(answer(page)).toContainText("Second worm on North frame, next");
  await expect(answer(page)).toContainText("passes, from");
  await at("touchEnd", 0, 0);
  await expect(page.getByText("Second worm is pinned: number 1 on North frame")).toBeVisible();
  await leaveToTheQueue(page, "Second worm");
  await context.close();
});

test("Thursday, on the phone: the list comes first, and answers as the drawing does", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openBench(page);
  await expect(page.locator("#lanes")).toBeHidden();
  await expectSoundAt(page, [390, 844]);
  await page.getByRole("link", { name: "Draw the bench" }).click();
  await expect(page.locator("#lanes")).toBeVisible();
  await expectNoOverflow(page);
  await page.getByRole("link", { name: "As a list" }).click();
  await page.getByLabel("Search").first().fill("Pocket star");
  await page.getByRole("link", { name: "Place of Pocket star in the queue" }).click();
  await expectSoundAt(page, [390, 844]);
  await page.locator('select[name="at"]').selectOption({ index: 1 });
  await expect(page.locator("[data-bench-words]")).toContainText("passes, from");
  await page.getByRole("button", { name: "Pin it there" }).click();
  await expect(page.getByText("Pocket star is pinned: number 2 on North frame")).toBeVisible();
  await leaveToTheQueue(page, "Pocket star");
});

test("Friday: what is late is told its ways out, and what can be promised is asked", async ({ page }) => {
  await openBench(page);
  const late = page.getByRole("region", { name: "Not on time" });
  await expect(late).toContainText("Last year's lace");
  await late.getByRole("link", { name: "Last year's lace" }).click();
  await expectSoundAt(page, [820, 1180], [1280, 800]);
  await expect(page.getByText("The first day that can be promised is")).toBeVisible();

  await page.goto("/when");
  await page.getByLabel("About so wide").fill("60 in");
  await page.getByLabel("About so long").fill("72 in");
  await page.getByRole("button", { name: "Say when" }).click();
  await expect(page.getByText("four chances in five")).toBeVisible();
  await expectSoundAt(page, [390, 844], [1280, 800]);
});

test("a task is written down, survives a reload before it is kept, and is ticked", async ({ page }) => {
  await openBench(page);
  await page.getByText("Write a task down").click();
  await page.getByLabel("What", { exact: true }).fill("Wind six bobbins");
  await page.reload();
  await page.getByText("Write a task down").click();
  await expect(page.getByLabel("What", { exact: true })).toHaveValue("Wind six bobbins");
  await page.getByRole("button", { name: "Keep it" }).click();
  await page.getByRole("button", { name: "Done: Wind six bobbins" }).click();
  await expect(page.getByRole("button", { name: "Done: Wind six bobbins" })).toHaveCount(0);
  await page.getByText(/\d done today/).click();
  await expect(page.getByText("Wind six bobbins, Maren Tideloft")).toBeVisible();
});

test("a queue that is worked out meanwhile takes nothing from under the hands", async ({ page }) => {
  // Whether it is done is answered when the test says so.
  let isDone = false;
  await page.route("**/bench/age", (route) =>
    route.fulfill(isDone ? { status: 200, headers: { "HX-Refresh": "true" } } : { status: 204 }),
  );
  await expect(async () => {
    await page.goto("/?q=Pocket+star");
    await page.getByRole("link", { name: "Place of Pocket star in the queue" }).click();
    await page
      .getByRole("button", { name: /^(Pin it there|Leave it to the queue)$/ })
      .first()
      .click();
    await expect(page.locator('[hx-get="/bench/age"]')).toHaveCount(1, { timeout: 500 });
  }).toPass();
  await page.getByText("Write a task down").click();
  await page.getByLabel("What", { exact: true }).pressSequentially("Ask for thread");
  isDone = true;
  await expect(page.getByText("The queue is worked out.")).toBeVisible();
  await expect(page.getByLabel("What", { exact: true })).toHaveValue("Ask for thread");
  await expectAccessible(page);
  await page.unroute("**/bench/age");
  await page.getByRole("link", { name: "Show it" }).click();
  await expect(page.getByText("The queue is worked out.")).toBeHidden();
  await page.getByText("Write a task down").click();
  await page.getByLabel("What", { exact: true }).fill("");
  await leaveToTheQueue(page, "Pocket star");
});

test("letters typed while the list is on its way stay in the search", async ({ page }) => {
  await openBench(page);
  let isHeld = /** @type {(() => void) | null} */ (null);
  const held = new Promise((told) => {
    void page.route(/[?]q=Pock(&|$)/, async (route) => {
      const answer = await route.fetch();
      await new Promise((go) => {
        isHeld = () => go(undefined);
        told(undefined);
      });
      await route.fulfill({ response: answer });
    });
  });
  const search = page.getByLabel("Search").first();
  await search.pressSequentially("Pock");
  await held;
  await search.pressSequentially("et star");
  isHeld?.();
  await expect(page.locator("#shelf li")).toHaveCount(1);
  await expect(search).toHaveValue("Pocket star");
  await expect(search).toBeFocused();
});

test("the queue also knows of what somebody did not wait for", async ({ page }) => {
  await openBench(page);
  // The tab is gone as soon as the form is on its way.
  await page.route("**/bench/tasks/add", async (route) => {
    const form = route.request();
    const headers = await form.allHeaders();
    await new Promise((gone) => {
      const sent = httpRequest(form.url(), { method: form.method(), headers });
      sent.on("error", () => {}).on("close", gone);
      sent.end(form.postDataBuffer(), () => sent.destroy());
    });
    await route.abort();
  });
  await page.getByText("Write a task down").click();
  await page.getByLabel("What", { exact: true }).fill("Oil the wheels");
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(async () => {
    await page.goto("/");
    await expect(page.getByRole("button", { name: "Done: Oil the wheels" })).toBeVisible({ timeout: 500 });
  }).toPass();
  await expect(page.locator('[hx-get="/bench/age"]')).toHaveCount(0, { timeout: 20_000 });
  await page.getByRole("button", { name: "Done: Oil the wheels" }).click();
});
