// A built server on a kitchen of its own, laid in with the demo data, for scripts that look at
// pages.
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import {
  build,
  checkNode,
  CHROMIUM,
  CHROMIUM_ARGS,
  install,
  prepare,
  SERVE,
  startServer,
} from "./machine.mjs";

/**
 * Runs `work` with a browser and the address of a fresh demo kitchen; closes both after.
 * @param {string} port
 * @param {(browser: import("@playwright/test").Browser, address: string) => Promise<void>} work
 * @param {(url: string) => Promise<void>} [fill] puts more into the kitchen before it is served
 */
export async function withServedKitchen(port, work, fill) {
  checkNode();
  install();
  build();
  const { chromium } = await import("@playwright/test");
  const folder = mkdtempSync(join(tmpdir(), "steady-tin-served-"));
  const env = { DATABASE_URL: `file:${join(folder, "kitchen.db")}`, DEMO_DAY: "2026-11-28" };
  prepare(env);
  await fill?.(env.DATABASE_URL);
  const server = startServer([SERVE, "--port", port], env);
  const ended = new Promise((resolve) => server.once("exit", resolve));
  try {
    await Promise.race([
      new Promise((resolve) =>
        server.stdout.on("data", (chunk) => {
          if (/ready/i.test(String(chunk))) resolve(undefined);
        }),
      ),
      ended.then(() => {
        throw new Error(`the server did not start on port ${port}`);
      }),
    ]);
    const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS });
    await work(browser, `http://127.0.0.1:${port}`);
    await browser.close();
  } finally {
    if (server.kill("SIGTERM")) await ended;
    rmSync(folder, { recursive: true, force: true });
  }
}
