import { spawn } from "node:child_process";
import { once } from "node:events";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { SERVE, TSX } from "../scripts/machine.mjs";

/** A demo kitchen in a folder of its own, and the built program serving it. */
export type ServedKitchen = {
  readonly folder: string;
  readonly databaseUrl: string;
  readonly address: string;
  /** Stops the server and takes the folder away. */
  readonly close: () => Promise<void>;
};

/** So long a server may take to answer, ms. */
const START_MS = 40_000;

export async function servedKitchen(port: number): Promise<ServedKitchen> {
  const folder = mkdtempSync(join(tmpdir(), "steady-tin-e2e-"));
  const databaseUrl = `file:${join(folder, "kitchen.db")}`;
  const address = `http://127.0.0.1:${port}`;
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    DEMO_DAY: "2026-11-28",
    NEXT_TELEMETRY_DISABLED: "1",
    // What it is opened at to other devices: an address of this machine that is not its own name.
    STEADY_TIN_SHARE: "127.0.0.2",
  };
  const run = (args: readonly string[]) => spawn(process.execPath, args, { env, stdio: "ignore" });
  const [code] = (await once(run([TSX, "src/cli/prepare.ts"]), "exit")) as [number | null];
  if (code !== 0) throw new Error(`the kitchen in ${folder} can't be laid in`);
  const server = run([SERVE, "--port", String(port)]);
  const ended = once(server, "exit");
  const until = Date.now() + START_MS;
  while (!(await answers(address))) {
    if (server.exitCode !== null || Date.now() > until)
      throw new Error(`no server on port ${port}`);
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  await warmed(address);
  return {
    folder,
    databaseUrl,
    address,
    close: async () => {
      server.kill("SIGKILL");
      await ended;
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Pages of every kind. */
const PAGES = [
  "/try",
  "/cakes",
  "/cakes/lifeboat-day",
  "/recipes",
  "/recipes/harbour-pound",
  "/recipes/new",
  "/tins",
  "/ovens",
  "/shopping",
];

/** Has the server read its pages' code once: the first test is to wait no longer than the others. */
async function warmed(address: string): Promise<void> {
  for (const page of PAGES) await fetch(`${address}${page}`).then((response) => response.text());
}

async function answers(address: string): Promise<boolean> {
  return fetch(address).then(
    ({ ok }) => ok,
    () => false,
  );
}
