import { expect, test } from "@playwright/test";
import { begin, bringIn, expectSent, goTo, job, step } from "./loads.mjs";
import { signIn, watchErrors } from "./studio.mjs";

test.beforeEach(async ({ page }) => signIn(page));

const stock = (length, count) => ({ stock: [{ length: `${length} in`, count }] });
/** A quilt too wide for the window of a clamp frame. */
const onPoles = (
  habits = {},
  quilting = {
    style: "rows",
    row_height: "6 in",
    gap: "1/2 in",
    overhang: "1/2 in",
    finish: "fit-scale",
    directional: false,
  },
) => ({
  top: {
    widths: { top: "84 in", middle: "84 in", bottom: "84 in" },
    lengths: { left: "40 in", middle: "40 in", right: "40 in" },
    edge: "straight",
    directional: false,
    seams_across: [
      { at: "5 in", kind: "border" },
      { at: "35 in", kind: "border" },
    ],
  },
  backing: {
    sides: { top: "98 in", right: "54 in", bottom: "98 in", left: "54 in" },
    diagonal: "111 7/8 in",
  },
  batting: { width: "90 in", length: "46 in", kind: "cotton" },
  load: { lead: { method: "spring-clamps" }, tail: { method: "spring-clamps" }, habits },
  quilting,
});
const loads = [
  {
    name: "rear first, pins, part float, batting through the gap",
    job: { load: { float: "part", habits: { place: "rear", layers: "roll-then-gap" } } },
    tells: {
      "attach-lead": /^\s*Pin the backing.* with \d+ pins/,
      "attach-top": /^\s*Pin the top by its bottom edge/,
      "lift-top": /^\s*Lift the top roller/,
      "lay-batting": /feed the batting through the gap/,
      "lower-top": /^\s*Lower the top roller/,
      "pin-tail": /^\s*Free the tail edge from the top roller/,
    },
  },
  {
    name: "channel clips, full float",
    job: {
      load: {
        lead: { method: "channel-clips", ...stock(36, 4) },
        tail: { method: "channel-clips", ...stock(36, 4) },
      },
    },
    tells: {
      "attach-lead": /^\s*Clip the backing.*channel clips/,
      "hold-end": /^\s*Let .* of the top hang, and hold its end/,
      "pin-tail": /^\s*Lay the tail edge flat and pin it/,
    },
  },
  {
    name: "front first, dowel clamps, full float",
    job: {
      load: { lead: { method: "dowel-clamps" }, tail: { method: "dowel-clamps" }, habits: { place: "front" } },
    },
    tells: {
      "attach-tail": /from the front.* over the dowel in its casing, with \d+ dowel clamps/,
      "wind-on": /its lead end thrown over the rear so that it drags/,
      "attach-lead": /look into the well from both ends/,
    },
  },
  {
    name: "all layers pinned",
    job: { load: { float: "none" } },
    tells: {
      "hold-through": /push them back through leader, backing, batting and top/,
      "take-up-again": /firm with give, as before/,
      "pass-1-stitch": /^\s*Stitch pass 1/,
    },
  },
  {
    name: "to be basted and taken off",
    job: { load: { habits: { purpose: "basting" } } },
    tells: { thread: /Set \d+ stitches an inch/, "set-machine-back": /^\s*Tighten the upper tension again/ },
  },
  {
    name: "basted before, loaded again",
    job: { load: { habits: { purpose: "prebasted" } } },
    tells: { "attach-lead": /the basted quilt, top side up/ },
  },
  {
    name: "zips with minky",
    job: {
      backing: { kind: "minky", stretch: "across" },
      load: {
        lead: { method: "zip", ...stock(100, 2) },
        tail: { method: "zip", ...stock(100, 2) },
      },
    },
    tells: {
      zips: /pin it to its zips/,
      "attach-lead": /^\s*Zip the backing/,
      "all-over": /^\s*Baste the batting to the backing all over/,
      "side-clamps": /hardly pulling: the cloth stretches/,
    },
  },
  {
    name: "magnets, a seam of the backing on the centre mark",
    job: {
      backing: { seams: [{ direction: "along", at: "36 in", pressed: "open" }] },
      load: { lead: { method: "magnets" }, habits: { centre_seam: true } },
    },
    frame: "Attic frame",
    tells: {
      centres: /take its seam for that of the backing/,
      "attach-lead": /over its casing, with \d+ magnets/,
      "set-marks": /on it/,
    },
  },
  {
    name: "a clamp frame in sections",
    job: onPoles(),
    frame: "Window frame",
    tells: {
      spread: /^\s*Spread the backing on the table/,
      "roll-loose": /^\s*Roll the loose quilt/,
      "pass-1-move-section-2": /^\s*Baste a datum.*To the left/,
    },
  },
  {
    name: "a clamp frame in sections, turned at the middle",
    job: onPoles({ turn_at_middle: true }),
    frame: "Window frame",
    tells: {
      "turn-off": /turn it round so that its tail edge leads/,
      "turn-on": /^\s*Clamp the tail end to the back pole/,
    },
  },
  {
    name: "a clamp frame in sections, borders last",
    job: onPoles({ borders_last: true }, { style: "blocks", directional: false }),
    frame: "Window frame",
    tells: { "border-top": /load it again with the top border along the rails/ },
  },
];

for (const load of loads) {
  test(`a whole load, from plan to off: ${load.name}`, async ({ page }) => {
    const errors = watchErrors(page);
    const quilt = await bringIn(page, job(`Load: ${load.name}`, load.job), load.frame);
    await begin(page, quilt);
    for (const [key, text] of Object.entries(load.tells)) {
      await goTo(page, key);
      await expect(step(page).locator("h1")).toHaveText(text);
      await expect(page.locator("[data-drawing]:not([hidden]) svg").first()).toBeVisible();
    }
    await goTo(page, "");
    await expect(step(page).locator("h1")).toContainText("is off the frame");
    await expect(page.locator('[data-shows="left"]')).toHaveText("all stitched");
    await expect(page.locator(".frame-state .unusual")).toHaveCount(0);
    await expectSent(page);
    await page.getByRole("link", { name: "Write down how it went" }).click();
    await page.getByLabel("What to do differently next time").fill("Nothing");
    await page.getByRole("button", { name: "It is off the frame" }).click();
    await expect(page.getByText("in the history of Test bench")).toBeVisible();
    await page.goto("/history?client=Test+bench");
    await expect(page.getByRole("link", { name: `Load: ${load.name}` })).toBeVisible();
    expect(errors).toEqual([]);
  });
}

test("the load sheet is a PDF of two sides with its drawings", async ({ page }) => {
  const quilt = await bringIn(page, job("On paper"));
  await page.goto(`${quilt}/load`);
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "PDF" }).click();
  const chunks = [];
  for await (const chunk of await (await download).createReadStream()) {
    chunks.push(chunk);
  }
  const pdf = Buffer.concat(chunks).toString("latin1");
  expect(pdf.slice(0, 5)).toBe("%PDF-");
  expect(pdf.match(/\/Type \/Page\b(?!s)/g)).toHaveLength(2);
  await page.goto(`${quilt}/load-sheet`);
  await expect(page.locator("main svg[role=img]")).toHaveCount(4);
});
