// What is written at a frame while the server is gone, and how it gets there after all.
import { expect, test } from "@playwright/test";
import { begin, bringIn, countWaiting, expectSent, goTo, job, onServer, step } from "./loads.mjs";
import { signIn } from "./studio.mjs";

/** Puts entries where the page at the frame keeps what it could not send. */
const leave = (page, count, data, kind = "note") =>
  page.evaluate(
    ([number, what, word]) =>
      new Promise((resolve) => {
        const { run, entries: url } = document.getElementById("frame").dataset;
        const { person } = document.body.dataset;
        const opening = indexedDB.open("schwung", 1);
        opening.onsuccess = () => {
          const transaction = opening.result.transaction("waiting", "readwrite");
          for (let i = 0; i < number; i += 1) {
            const key = `${word}-left-${String(i).padStart(6, "0")}`;
            const entry = { key, kind: word, step: null, at: Date.now() + i, data: what };
            transaction.objectStore("waiting").put({ person, run, key, url, entry });
          }
          transaction.oncomplete = () => resolve(opening.result.close());
        };
      }),
    [count, data, kind],
  );

/** Leaves no room in the store of this device. */
const fill = (page) =>
  page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException("No room is left.", "QuotaExceededError");
    };
  });

test("hundreds of entries and more photos than fit in one post all arrive, once", async ({ page }) => {
  await signIn(page);
  const quilt = await bringIn(page, job("A long day alone"));
  await begin(page, quilt);
  const photo = await page.evaluate(() => {
    const canvas = document.createElement("canvas");
    canvas.width = 40;
    canvas.height = 30;
    canvas.getContext("2d").fillRect(5, 5, 20, 10);
    return canvas.toDataURL("image/jpeg");
  });
  await leave(page, 320, { text: "on my own" });
  await leave(page, 5, { layer: "top", seen: "top-pleat", severity: "noted", action: "", photo }, "problem");
  await page.reload();
  await expectSent(page);

  const entries = await onServer(page, quilt);
  expect(entries.filter((entry) => entry.kind === "note")).toHaveLength(320);
  expect(entries.filter((entry) => entry.data.photo)).toHaveLength(5);
});

test("a photo that a dead line broke off goes on where it stopped", async ({ page }) => {
  await signIn(page);
  const quilt = await bringIn(page, job("A slow line"));
  await begin(page, quilt);
  const photo = await page.evaluate(() => {
    const canvas = document.createElement("canvas");
    [canvas.width, canvas.height] = [500, 400];
    const context = canvas.getContext("2d");
    for (let i = 0; i < 40_000; i += 1) {
      context.fillStyle = `rgb(${(i * 7) % 256} ${(i * 13) % 256} ${(i * 29) % 256})`;
      context.fillRect((i * 31) % 500, (i * 17) % 400, 2, 2);
    }
    return canvas.toDataURL("image/jpeg", 0.95);
  });
  const offsets = [];
  await page.route("**/frame/photo-piece", (route) => {
    offsets.push(Number(new URLSearchParams(route.request().postData()).get("offset")));
    return offsets.length === 3 ? route.abort() : route.continue();
  });
  await leave(page, 1, { layer: "top", seen: "top-pleat", severity: "noted", action: "", photo }, "problem");
  await page.reload();
  await expectSent(page);

  expect(photo.length).toBeGreaterThan(2 * 65_536);
  expect(offsets.slice(0, 5)).toEqual([0, 0, 65_536, 0, 65_536]);
  const [entry] = await onServer(page, quilt);
  const answer = () => page.request.get(`${quilt}/frame/photo/${entry.data.photo}`);
  await expect.poll(async () => (await answer()).headers()["content-type"]).toBe("image/jpeg");
});

test("a device without room says so, and what it could not keep is sent while the page is open", async ({
  page,
  context,
}) => {
  await signIn(page);
  const quilt = await bringIn(page, job("No room left"));
  await begin(page, quilt);
  await fill(page);
  await context.setOffline(true);
  await page.keyboard.press("Space");
  await expect(step(page)).toHaveAttribute("data-step", "machine");
  await expect(page.getByText("1 found no room on this device: leave this page open until it is sent.")).toBeVisible();
  await context.setOffline(false);
  await expect(page.locator(".frame-notice")).toBeHidden({ timeout: 15_000 });
  expect((await onServer(page, quilt)).map((entry) => entry.step)).toEqual(["room"]);
});

test("signed out and without room, one is told what to write on paper", async ({ page, context }) => {
  await signIn(page);
  const quilt = await bringIn(page, job("Signed out and full"));
  await begin(page, quilt);
  await fill(page);
  await context.clearCookies();
  await page.keyboard.press("Space");
  await expect(page.getByText(/no room: note the last 1 on paper, then open the page again and sign in/)).toBeVisible();
});

test("what waits goes out from any page, also for a run that was ended elsewhere", async ({ page, context }) => {
  await signIn(page);
  const quilt = await bringIn(page, job("Ended elsewhere"));
  await begin(page, quilt);
  await context.route("**/frame/entries", (route) => route.abort());
  await goTo(page, "thread");
  await page.close();
  const other = await context.newPage();
  await other.goto(`${quilt}/off`);
  await other.getByRole("button", { name: "It is off the frame" }).click();
  await expect(other.getByText(/Off the frame since/)).toBeVisible();
  expect(await onServer(other, quilt)).toEqual([]);
  await context.unroute("**/frame/entries");
  await other.goto("/");
  await expectSent(other);
  expect((await onServer(other, quilt)).map((entry) => entry.step)).toEqual(["room", "machine"]);
});

test("what one person left on a shared tablet is told at the door and sent under nobody else's name", async ({
  page,
  context,
}) => {
  const enter = async () => {
    await page.getByLabel("E-mail").fill("demo@schwung.example");
    await page.getByLabel("Password").fill("demo-on-the-rail");
    await page.getByRole("button", { name: "Sign in" }).click();
    await expect(page.getByRole("heading", { name: "Bench" })).toBeVisible();
  };
  await page.goto("/sign-in");
  await enter();
  const quilt = await bringIn(page, job("A shared tablet"));
  await begin(page, quilt);
  await context.setOffline(true);
  await goTo(page, "thread");
  await context.clearCookies();
  await page.goto("about:blank");
  await context.setOffline(false);

  await page.goto("/sign-up");
  await page.getByLabel("Name of the studio").fill("Next door");
  await page.getByLabel("E-mail").fill("second@schwung.example");
  await page.getByLabel("Password").fill("a tablet for two of us");
  await page.getByRole("button", { name: "Open the studio" }).click();
  await expect(page.getByRole("heading", { name: "Your frame, in two measures" })).toBeVisible();
  await page.goto("/clients");
  expect(await countWaiting(page)).toBe(2);

  await context.clearCookies();
  await page.goto("/sign-in");
  await expect(page.getByText("2 entries wait on this device.")).toBeVisible();
  await enter();
  await expectSent(page);
  const entries = await onServer(page, quilt);
  expect(entries.map((entry) => [entry.step, entry.person])).toEqual([
    ["room", "Maren Tideloft"],
    ["machine", "Maren Tideloft"],
  ]);
});
