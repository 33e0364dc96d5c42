import { expect } from "@playwright/test";

/** A quilt of 60 × 40 in as a job document, with some members of its own. */
export function job(title, members = {}) {
  const { backing = {}, load = {}, ...rest } = members;
  return {
    format: "schwung/job",
    version: 1,
    units: "in",
    title,
    top: {
      widths: { top: "60 in", middle: "60 in", bottom: "60 in" },
      lengths: { left: "40 in", middle: "40 in", right: "40 in" },
      edge: "straight",
      directional: false,
      seams_across: [{ at: "5 in", kind: "border" }],
      seams_along: [{ at: "5 in", kind: "border" }],
    },
    backing: {
      sides: { top: "72 in", right: "52 in", bottom: "72 in", left: "52 in" },
      diagonal: "88 3/4 in",
      kind: "cotton",
      stretch: "none",
      directional: false,
      ...backing,
    },
    batting: { width: "66 in", length: "46 in", kind: "cotton" },
    frame: {
      kind: "roller",
      rail: "126 in",
      throat: "20 in",
      arm_clearance: "9 in",
      takeup_diameter: "2 in",
    },
    load: {
      direction: "as-is",
      margins: "worked-out",
      float: "full",
      lead: { method: "pins" },
      tail: { method: "pins" },
      ...load,
    },
    quilting: {
      style: "rows",
      row_height: "9 in",
      gap: "1/2 in",
      overhang: "1/2 in",
      finish: "fit-scale",
      directional: false,
    },
    ...rest,
  };
}

/** Brings a quilt in and puts it on a frame; gives its address without a stage. */
export async function bringIn(page, document, frame) {
  await page.goto("/quilts/import");
  await page.getByLabel("Client").fill("Test bench");
  await page.getByLabel("or its text").fill(JSON.stringify(document));
  await page.getByRole("button", { name: "Take it in" }).click();
  await expect(page.getByRole("heading", { name: document.title })).toBeVisible();
  const quilt = page.url().replace(/\/[a-z]+$/, "");
  if (frame) {
    await page.goto(`${quilt}/about`);
    await page.getByLabel("Frame").selectOption({ label: frame });
    await page.getByRole("button", { name: "Save" }).click();
  }
  return quilt;
}

/** The step that is shown. */
export const step = (page) => page.locator("section[data-step]:not([hidden])");

export async function begin(page, quilt) {
  await page.goto(`${quilt}/load`);
  await page.getByRole("button", { name: "Start at the frame" }).click();
  await expect(step(page)).toHaveAttribute("data-step", "room");
  await expectAwake(page);
}

/** The page at the frame listens. */
export async function expectAwake(page) {
  await expect(page.locator('[data-shows="timer"]')).not.toBeEmpty();
}

/** Presses the key for the next step until the one of this name is shown. */
export async function goTo(page, key) {
  for (let i = 0; i < 80; i += 1) {
    const at = await step(page).getAttribute("data-step");
    if (at === key) {
      return;
    }
    await expect(async () => {
      await page.keyboard.press("Space");
      await expect(step(page)).not.toHaveAttribute("data-step", at, { timeout: 1500 });
    }).toPass({ timeout: 60_000 });
    // Until then a press is taken for a pedal that bounces.
    await expect(page.locator("#frame")).not.toHaveAttribute("data-pressed");
  }
  throw new Error(`No step ${key} is reached.`);
}

/** The log of a quilt as the server has it. */
export const onServer = (page, quilt) =>
  page.request
    .get(`${quilt}/frame/entries?after=0`)
    .then((answer) => answer.json())
    .then(({ entries }) => entries);

/** How many entries wait on the device. */
export const countWaiting = (page) =>
  page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open("schwung", 1);
        opening.onerror = () => reject(opening.error);
        opening.onupgradeneeded = () => {
          opening.transaction.abort();
          resolve(0);
        };
        opening.onsuccess = () => {
          const counting = opening.result.transaction("waiting").objectStore("waiting").count();
          counting.onsuccess = () => resolve(counting.result);
          opening.result.close();
        };
      }),
  );

/** Nothing waits on the device any more. */
export async function expectSent(page) {
  await expect.poll(() => countWaiting(page)).toBe(0);
}
