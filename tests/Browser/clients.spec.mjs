// A quilt from its client's question to the bag that goes home, with the client in a browser of their own.
import { expect, test } from "@playwright/test";
import { expectAccessible, expectNoOverflow, expectSoundAt, signIn, watchErrors } from "./studio.mjs";

const desk = [1280, 800];
const phone = [390, 844];

/** A quilt of one's own, so that a story can be told again. @returns {Promise<string>} its address without a stage */
async function newQuilt(page, title) {
  await page.goto("/quilts/new");
  await page.getByLabel("Title").fill(title);
  await page.getByLabel("Client").fill("Runa Halvmark");
  await page.getByLabel("the top").check();
  await page.getByRole("button", { name: "Measure it" }).click();
  await expect(page).toHaveURL(/\/tape/);
  return page.url().replace(/\/tape.*/, "");
}

/** Fills fields of a stage by their path and waits until the server has them. */
async function enter(page, address, fields) {
  await page.goto(address);
  for (const [path, text] of Object.entries(fields)) {
    const field = page.locator(`[name="f[${path}]"]`).first();
    await field.fill(text);
    await Promise.all([page.waitForResponse((answer) => answer.request().method() === "POST"), field.press("Tab")]);
  }
}

for (const [name, size] of Object.entries({ desk, phone })) {
  test(`A story is told from the question to the way home, at the ${name}`, async ({ page, browser }) => {
    test.setTimeout(180_000);
    const title = `Story at the ${name} ${Date.now() % 100000}`;
    const errors = watchErrors(page);
    await page.setViewportSize({ width: size[0], height: size[1] });
    await signIn(page);
    const quilt = await newQuilt(page, title);
    await enter(page, `${quilt}/measure`, {
      "top/widths/top": "68",
      "top/widths/middle": "68",
      "top/widths/bottom": "68",
      "top/lengths/left": "87 1/4",
      "top/lengths/middle": "87 1/4",
      "top/lengths/right": "87 1/4",
    });

    // The card, and a link for the client.
    await page.goto(`${quilt}/prep-card`);
    await expect(page.getByRole("cell", { name: /^76 in \(193\.1 cm\)$/ })).toBeVisible();
    await expectAccessible(page);
    await expectNoOverflow(page);
    await page.goto(`${quilt}/messages`);
    await page.getByRole("button", { name: "Make a link" }).click();
    const link = await page.getByRole("link", { name: /\/job\// }).getAttribute("href");
    const path = new URL(link).pathname;

    // The client, in a browser without scripts, sends sizes that are too small.
    const home = await browser.newContext({
      javaScriptEnabled: false,
      viewport: { width: size[0], height: size[1] },
    });
    const client = await home.newPage();
    await client.goto(path);
    await expect(client.getByText("It waits for you: not everything is here and measured.")).toBeVisible();
    await client.getByText("Send measures, a photo or a message").click();
    for (const [label, text] of Object.entries({
      "Backing, top edge": "72 3/4",
      "Backing, bottom edge": "72 3/4",
      "Backing, left side": "96",
      "Backing, right side": "96",
      "A message": "Is it enough?",
    })) {
      await client.getByLabel(label).fill(text);
    }
    await client.getByRole("button", { name: "Send it" }).click();
    await expect(client.getByText("It is there.")).toBeVisible();
    expect((await home.cookies()).length).toBe(0);

    // The studio reads it, takes it over and writes with the exact remedy.
    await page.goto(`${quilt}/messages`);
    await expect(page.getByText("Is it enough?")).toBeVisible();
    await expectAccessible(page);
    await expectNoOverflow(page);
    await page.getByRole("button", { name: "Take over what is ticked" }).click();
    await page.getByRole("link", { name: "The backing is short" }).click();
    await expect(page.getByLabel("Text")).toHaveValue(/it is 3 ¼ in too narrow/);
    await page.getByLabel("To", { exact: true }).fill("runa@client.example");
    await page.getByRole("button", { name: "Send it" }).click();
    await expect(page.getByText("waits in the outbox")).toBeVisible();

    // Corrected by the client, accepted over what was there, one by one.
    await client.goto(path);
    await client.getByText("Send measures, a photo or a message").click();
    await client.getByLabel("Backing, top edge").fill("78");
    await client.getByLabel("Backing, bottom edge").fill("78");
    await client.getByRole("button", { name: "Send it" }).click();
    await page.goto(`${quilt}/messages`);
    for (const label of ["Backing, top edge", "Backing, bottom edge"]) {
      await page.getByLabel(label).check();
    }
    await page.getByRole("button", { name: "Take over what is ticked" }).click();
    await expect(page.getByText("Taken over.")).toBeVisible();

    // Intake: two marks, one tapped on the drawing.
    await page.goto(`${quilt}/bag/marks`);
    const top = await page.locator("#marked-top").boundingBox();
    await page.mouse.click(top.x + top.width / 4, top.y + top.height / 4);
    await expect(page.getByLabel("From the left edge")).toHaveValue(/^1[67](\.\d+)? in$/);
    await page.getByLabel("What it is").selectOption("stain");
    await page.getByRole("button", { name: "Mark it" }).click();
    await page.getByLabel("What it is").selectOption("thick-spot");
    await page.getByLabel("From the left edge").fill("40 in");
    await page.getByLabel("From the top edge").fill("80 in");
    await page.getByRole("button", { name: "Mark it" }).click();
    await expect(page.locator("main ol > li")).toHaveCount(2);
    await expectAccessible(page);
    await expectNoOverflow(page);

    // What came in the bag, and whose it is.
    await page.goto(`${quilt}/bag`);
    await page.getByLabel("Backing is").selectOption("client");
    await page.getByRole("button", { name: "Write it down" }).click();
    await expect(page.getByText("Written down.")).toBeVisible();

    // Home: both look at the list.
    await page.goto(`${quilt}/home`);
    await expect(page.getByText(/A stain, .* was there when it came/)).toBeVisible();
    await expectAccessible(page);
    await expectNoOverflow(page);
    for (const box of await page.locator('input[name="ticked[]"]').all()) {
      await box.check();
    }
    await page.getByRole("button", { name: "It goes home" }).click();
    await expect(page.getByText(/It went home on/)).toBeVisible();
    await client.goto(path);
    await expect(client.getByText("It is home again.")).toBeVisible();
    await home.close();
    expect(errors).toEqual([]);

    // The story is over: away with it.
    await page.goto(`${quilt}/about`);
    await page.getByRole("button", { name: "Delete it" }).click();
    await expect(page.getByText(`${title} is deleted.`)).toBeVisible();
  });
}

test("At the frame a mark is told at its pass", async ({ page }) => {
  await signIn(page);
  await page.goto("/?q=Tall+houses");
  const href = await page.locator("#shelf a", { hasText: "Tall houses" }).first().getAttribute("href");
  await page.goto(href.replace(/[a-z]+$/, "load"));
  await expect(page.getByText(/A stain \(tea, pale\), .*no steam and no iron on it/).first()).toHaveCount(1);
});

test("The page of what to bring needs no script, no cookie and no account", async ({ browser }) => {
  const away = await browser.newContext({ javaScriptEnabled: true });
  const page = await away.newPage();
  const fetched = [];
  page.on("request", (request) => fetched.push(new URL(request.url()).pathname));
  await page.goto("/bring/tideloft");
  await page.getByLabel("The top is so wide").fill("170 cm");
  await page.getByLabel("and so long").fill("210 cm");
  await page.getByRole("button", { name: "What do I bring?" }).click();
  await expect(page.getByRole("rowheader", { name: "Backing" })).toBeVisible();
  await expect(page.locator("script")).toHaveCount(0);
  expect([...new Set(fetched)].filter((path) => !path.startsWith("/bring/") && path !== "/favicon.ico")).toEqual([
    "/build/app.css",
  ]);
  expect((await away.cookies()).length).toBe(0);
  await expectSoundAt(page, [1280, 800], [820, 1180], [390, 844]);
  await page.getByLabel("The top is so wide").fill("very");
  await page.getByRole("button", { name: "What do I bring?" }).click();
  await expect(page.getByText('"very" is not a length')).toBeVisible();
  await away.close();
});
