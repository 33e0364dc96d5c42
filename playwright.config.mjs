import { defineConfig } from "@playwright/test";

// One server, and one studio on it, for each that runs tests beside the others.
const addresses = (process.env.BASE_URLS ?? "").split(" ");

export default defineConfig({
  testDir: "tests/Browser",
  outputDir: "var/playwright",
  timeout: 300_000,
  expect: { timeout: 30_000 },
  workers: addresses.length,
  retries: 0,
  reporter: "list",
  use: {
    baseURL: addresses[Number(process.env.TEST_PARALLEL_INDEX ?? 0)],
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: "/usr/bin/chromium",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
