import { defineConfig } from "@playwright/test";
import { CHROMIUM, CHROMIUM_ARGS } from "./scripts/machine.mjs";

/** Baking along by a clock that runs up to 300 times as fast: nothing else may take its time. */
const BY_THE_CLOCK = /bakes\.spec\.ts$/u;

export default defineConfig({
  testDir: "e2e",
  // Each has a kitchen and a server of its own (e2e/kitchen.ts).
  workers: 2,
  retries: 0,
  // How fast a page answers is measured by `npm run bench`: a busy machine is no failure here.
  timeout: 60_000,
  expect: { timeout: 12_000 },
  reporter: [["list"], ["./e2e/longest.ts"]],
  projects: [
    { name: "pages", testIgnore: BY_THE_CLOCK },
    { name: "by the clock", testMatch: BY_THE_CLOCK, dependencies: ["pages"] },
  ],
  use: {
    viewport: { width: 1280, height: 800 },
    // A first visit takes its units from the browser's country.
    // English of no one country: things are called as they are written, measures are metric.
    locale: "en-150",
    launchOptions: {
      executablePath: CHROMIUM,
      args: CHROMIUM_ARGS,
    },
  },
});
