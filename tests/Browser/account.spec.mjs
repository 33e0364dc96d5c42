// A studio of its own from sign-up to its end: letters, devices, the second step, a helper who comes and goes.
import { createHmac } from "node:crypto";
import { expect, test } from "@playwright/test";
import { expectAccessible } from "./studio.mjs";

const password = "nine bees in the loft";
let number = 0;

/** A new studio whose owner is signed in. @returns {Promise<string>} the owner's address */
async function open(page) {
  number += 1;
  const email = `owner-${Date.now()}-${number}@studio.example`;
  await page.goto("/sign-up");
  await page.getByLabel("Name of the studio").fill("Heron loft");
  await page.getByLabel("E-mail").fill(email);
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Open the studio" }).click();
  await expect(page.getByRole("heading", { name: "Your frame, in two measures" })).toBeVisible();
  return email;
}

async function signIn(page, email, word = password) {
  await page.goto("/sign-in");
  await page.getByLabel("E-mail").fill(email);
  await page.getByLabel("Password").fill(word);
  await page.getByRole("button", { name: "Sign in" }).click();
}

/** The link in a letter of the outbox. */
async function linkIn(page, subject) {
  // The worker lays it there.
  await expect(async () => {
    await page.goto("/outbox");
    await expect(page.getByRole("link", { name: subject }).first()).toBeVisible({ timeout: 500 });
  }).toPass({ timeout: 20_000 });
  await page.getByRole("link", { name: subject }).first().click();
  const text = await page.getByLabel("The letter").inputValue();
  return text.match(/https?:\/\/\S+/)[0];
}

/** What a phone shows for a key (RFC 6238). */
function codeOf(key, ahead = 0) {
  const letters = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567";
  const bits = [...key.replaceAll(" ", "")].map((letter) => letters.indexOf(letter).toString(2).padStart(5, "0"));
  const bytes = bits.join("").match(/.{8}/g) ?? [];
  const span = Buffer.alloc(8);
  span.writeBigUInt64BE(BigInt(Math.floor(Date.now() / 30_000) + ahead));
  const hash = createHmac("sha1", Buffer.from(bytes.map((byte) => Number.parseInt(byte, 2))))
    .update(span)
    .digest();
  const at = hash[19] & 15;
  return String((hash.readUInt32BE(at) & 0x7fffffff) % 1_000_000).padStart(6, "0");
}

test("an address is confirmed and a forgotten password chosen anew by letters in the outbox", async ({
  page,
  browser,
}) => {
  const email = await open(page);
  await page.goto(await linkIn(page, "Confirm your address"));
  await expectAccessible(page);
  await page.getByRole("button", { name: "Yes, it is mine" }).click();
  await page.goto("/settings/account");
  await expect(page.getByText("confirmed", { exact: true })).toBeVisible();

  const stranger = await (await browser.newContext()).newPage();
  await stranger.goto("/sign-in");
  await stranger.getByRole("link", { name: "Forgotten password?" }).click();
  await stranger.getByLabel("E-mail that you sign in with").fill(email);
  await stranger.getByRole("button", { name: "Send me a link" }).click();
  await expect(stranger.getByRole("status").filter({ hasText: "a letter with a link is on its way" })).toBeVisible();
  await expectAccessible(stranger);
  await stranger.goto(await linkIn(page, "A new password"));
  await expectAccessible(stranger);
  await stranger.getByLabel("New password").fill("password12345");
  await stranger.getByRole("button", { name: "Take this password" }).click();
  await expect(stranger.getByText("tried first everywhere")).toBeVisible();
  await stranger.getByLabel("New password").fill("seven grey geese fly");
  await stranger.getByRole("button", { name: "Take this password" }).click();
  await expect(stranger.getByText("Your password is changed. Sign in with it.")).toBeVisible();

  await page.goto("/settings/account");
  await expect(page, "Every device of before is signed out.").toHaveURL(/sign-in/);
  await signIn(page, email, "seven grey geese fly");
  await expect(page.getByRole("heading", { name: "Your account" })).toBeVisible();
});

test("a device that is ended is out at its next step", async ({ page, browser }) => {
  const email = await open(page);
  const tablet = await (await browser.newContext({ userAgent: "Android tablet" })).newPage();
  await tablet.goto("/sign-in");
  await tablet.getByLabel("Remember me on this device").check();
  await signIn(tablet, email);
  await expect(tablet.getByRole("heading", { name: "Bench" })).toBeVisible();

  await page.goto("/settings/account");
  await expectAccessible(page);
  await page.getByRole("button", { name: /^End the tablet/ }).click();
  await expect(page.getByText("That device is signed out.")).toBeVisible();
  await expect(page.getByRole("button", { name: /^End the tablet/ })).toBeHidden();
  await tablet.goto("/frames");
  await expect(tablet).toHaveURL(/sign-in/);
});

test("a second step is turned on, asked for, and stood in for by a recovery code", async ({ page, browser }) => {
  const email = await open(page);
  await page.goto("/settings/account/second-step");
  await expect(page.getByRole("heading", { name: "Is it you?" })).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Go on" }).click();
  await expect(page.getByRole("img", { name: /camera/ })).toBeVisible();
  await expectAccessible(page);
  const key = await page.locator("main p.max-w-44").innerText();
  await page.getByLabel("The six digits").fill(codeOf(key));
  await page.getByRole("button", { name: "Turn it on" }).click();
  await expect(page.getByText("they are shown only now")).toBeVisible();
  await expectAccessible(page);
  const [recovery] = await page.getByRole("status").getByRole("listitem").allInnerTexts();

  const elsewhere = await (await browser.newContext()).newPage();
  await signIn(elsewhere, email);
  await expect(elsewhere.getByRole("heading", { name: "The code on your phone" })).toBeVisible();
  await expectAccessible(elsewhere);
  await elsewhere.getByLabel("Code").fill("000000");
  await elsewhere.getByRole("button", { name: "Sign in" }).click();
  await expect(elsewhere.getByRole("alert")).toHaveText(/This is not the code for this minute/);
  await elsewhere.getByLabel("Code").fill(codeOf(key, 1));
  await elsewhere.getByRole("button", { name: "Sign in" }).click();
  await expect(elsewhere.getByRole("heading", { name: "Bench" })).toBeVisible();

  const lost = await (await browser.newContext()).newPage();
  await signIn(lost, email);
  await lost.getByLabel("Code").fill(recovery.toUpperCase());
  await lost.getByRole("button", { name: "Sign in" }).click();
  await expect(lost.getByRole("heading", { name: "Bench" })).toBeVisible();
});

test("a helper comes by a link, is removed, and is out at once; the owner reads all of it", async ({
  page,
  browser,
}) => {
  await open(page);
  await page.goto("/people");
  await page.getByLabel("Name").fill("Ole Reiher");
  await page.getByLabel("E-mail").fill(`ole-${Date.now()}@studio.example`);
  await page.getByRole("button", { name: "Make a link for them" }).click();
  const link = await page.getByRole("status").locator("p.break-all").innerText();
  const helper = await (await browser.newContext()).newPage();
  await helper.goto(link);
  await helper.getByLabel("Password").fill("four blue boats at sea");
  await helper.getByRole("button", { name: "Join" }).click();
  await expect(helper.getByRole("heading", { name: "Bench" })).toBeVisible();

  await page.goto("/people");
  await expectAccessible(page);
  await page.getByRole("link", { name: "Remove Ole Reiher" }).click();
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Go on" }).click();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Remove Ole Reiher" }).click();
  await expect(page.getByText("Ole Reiher is removed and signed out everywhere.")).toBeVisible();
  await helper.goto("/frames");
  await expect(helper).toHaveURL(/sign-in/);

  await page.goto("/settings/log");
  await expectAccessible(page);
  await expect(page.getByRole("main").getByRole("listitem").first()).toContainText("removed a helper");
  await expect(page.getByText("Ole Reiher joined")).toBeVisible();
});

test("a studio is closed after its export, and kept after all", async ({ page }) => {
  await open(page);
  await page.goto("/settings/account/close");
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Go on" }).click();
  await expectAccessible(page);
  await page.getByRole("link", { name: "Fetch everything as a ZIP" }).click();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Write everything into a ZIP" }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Fetch the ZIP" }).click();
  expect((await download).suggestedFilename()).toBe("studio.zip");
  await page.goto("/settings/account/close");
  await page.getByLabel("Type the name of the studio: Heron loft").fill("Heron loft");
  await page.getByRole("button", { name: "Close the studio" }).click();
  await expect(page.getByRole("heading", { name: "Heron loft is closed" })).toBeVisible();
  await expectAccessible(page);
  await page.goto("/frames");
  await expect(page.getByRole("heading", { name: "Heron loft is closed" })).toBeVisible();
  await page.getByRole("button", { name: "Keep the studio after all" }).click();
  await expect(page.getByRole("heading", { name: "Bench" })).toBeVisible();
});
