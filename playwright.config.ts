import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { defineConfig } from "@playwright/test";
import { CHROMIUM, CHROMIUM_ARGS } from "./scripts/machine.mjs";

const PORT = 3217;
// Set once by the process that reads this first; workers read the file again and must find the same
// kitchen.
process.env["KITCHEN_FOLDER"] ??= mkdtempSync(join(tmpdir(), "steady-tin-e2e-"));
const DATABASE_URL = `file:${join(process.env["KITCHEN_FOLDER"], "kitchen.db")}`;

export default defineConfig({
  testDir: "e2e",
  workers: 1,
  retries: 0,
  timeout: 45_000,
  reporter: [["list"]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: CHROMIUM,
      args: CHROMIUM_ARGS,
    },
  },
  webServer: {
    command: `node node_modules/tsx/dist/cli.mjs src/cli/prepare.ts && exec node node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${PORT}`,
    url: `http://127.0.0.1:${PORT}/`,
    env: { DATABASE_URL, NEXT_TELEMETRY_DISABLED: "1" },
    gracefulShutdown: { signal: "SIGTERM", timeout: 3000 },
    reuseExistingServer: false,
    timeout: 60_000,
  },
});
