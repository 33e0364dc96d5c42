import { expect, test } from "@playwright/test";
import { begin, bringIn, expectSent, goTo, job } from "./loads.mjs";
import { expectSoundAt, signIn, watchErrors } from "./studio.mjs";

test.beforeEach(async ({ page }) => signIn(page));

test("from a problem at the frame to what helped, in a few taps", async ({ page }) => {
  const errors = watchErrors(page);
  const quilt = await bringIn(page, job("Why it hangs"));
  await begin(page, quilt);
  await goTo(page, "inspect");
  await page.keyboard.press("p");
  await page.getByRole("radio", { name: "The middle hangs" }).check();
  await page.getByRole("button", { name: "Write it down" }).click();
  await expectSent(page);
  const why = page.getByRole("link", { name: "Why?" });
  await expect(why).toBeVisible();
  await why.click();
  await expect(page).toHaveURL(/\/problem\//);
  await expect(page.locator("h1")).toContainText(/The middle hangs: (most likely|likely|perhaps) /);
  await expectSoundAt(page, [390, 844], [820, 1180], [1280, 800]);
  // The test of the first cause says no: another one leads.
  const test = page.locator("section[aria-labelledby=test]");
  while (await test.getByRole("button", { name: "No", exact: true }).count()) {
    const asked = await test.textContent();
    await test.getByRole("button", { name: "No", exact: true }).click();
    await expect(test).not.toHaveText(asked);
  }
  const first = await page.locator("h1").textContent();
  await test.getByRole("button").last().click();
  await expect(page.getByRole("heading", { name: "So far" })).toBeVisible();
  await expect(page.locator("h1")).not.toHaveText(first);
  await page.getByText("Tried it").first().click();
  await page.getByLabel("What was done").first().fill("Wound it back and forth twice.");
  await page.getByRole("button", { name: "It helped" }).first().click();
  await expect(page.getByText("Wound it back and forth twice. It helped.")).toBeVisible();
  await page.goto(`${quilt}/stitch`);
  await expect(page.getByText("Remedy", { exact: true })).toBeVisible();
  expect(errors).toEqual([]);
});

// From what is seen to the cause, as one answers at the frame: each path with a job of its own.
const paths = [
  {
    seen: "A ridge grows on the roll",
    members: {
      backing: {
        seams: [{ direction: "along", at: "36 in", pressed: "side" }],
      },
    },
    says: "a seam runs with the quilt and winds on itself",
    proves: true,
  },
  {
    seen: "Edges curl to the back",
    says: "the backing is firmer than the other layers",
    proves: true,
  },
  {
    seen: "The sides are drawn into scallops",
    says: "the side clamps pull too hard",
    asks: [["Cloth jumps when a clamp is let off", "Yes"]],
  },
  {
    seen: "Batting slides on the backing",
    members: { backing: { kind: "minky", stretch: "across" } },
    says: "the batting has no hold on the backing",
    proves: true,
  },
  {
    seen: "A bubble walks ahead of the foot",
    says: "the ordinary cushion of cloth moves before the foot",
    asks: [["The middle hangs", "No"]],
  },
];

for (const { seen, members, says, asks = [], proves } of paths) {
  test(`reasoned out in the log: ${seen.toLowerCase()}`, async ({ page }) => {
    const quilt = await bringIn(page, job(seen, members));
    await begin(page, quilt);
    await page.goto(`${quilt}/stitch`);
    await page.getByText("Write a problem down").click();
    await page.locator("[data-tap-bed] svg").click();
    await page.getByRole("radio", { name: seen }).check();
    await page.getByRole("button", { name: "Write it down" }).click();
    await expect(page.locator("h1")).toContainText(`${seen}: `);
    for (const [symptom, answer] of asks) {
      await page
        .getByRole("button", { name: `${answer}: ${symptom}`, exact: false })
        .first()
        .click();
      await expect(page.getByRole("heading", { name: "So far" })).toBeVisible();
    }
    if (proves) {
      await page.locator("section[aria-labelledby=test] button").first().click();
      await expect(page.getByText("its test says so").first()).toBeVisible();
    }
    await expect(page.locator("h1")).toHaveText(
      new RegExp(`^\\s*${seen}: (most likely|likely|perhaps) ${says}\\.\\s*$`),
    );
    await expect(page.locator("ol > li")).toHaveCount(3);
  });
}
