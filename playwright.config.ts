import { defineConfig } from "@playwright/test";
import { CHROMIUM, CHROMIUM_ARGS } from "./scripts/machine.mjs";

export default defineConfig({
  testDir: "e2e",
  // Each has a kitchen and a server of its own (e2e/kitchen.ts).
  workers: 2,
  retries: 0,
  timeout: 60_000,
  reporter: [["list"], ["./e2e/longest.ts"]],
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: CHROMIUM,
      args: CHROMIUM_ARGS,
    },
  },
});
