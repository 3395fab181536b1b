import { spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { createInterface } from "node:readline";
import { fileURLToPath } from "node:url";
import { compareBackup, eventsSince, findCake, findRecipe } from "../../src/data";
import { backupFolder } from "../../src/data/backups";
import { databaseFile, openDatabase, type Connection } from "../../src/data/connection";
import { migrateDatabase } from "../../src/data/migrate";

/** A write that was acknowledged: what of which is then in the kitchen. */
export type Acknowledged = {
  readonly kind: "cake" | "recipe" | "event" | "backup";
  readonly id: string;
  readonly holds: string;
};

export type KillFigures = {
  readonly kills: number;
  readonly acknowledged: number;
  readonly lost: readonly Acknowledged[];
  readonly damaged: number;
};

const TSX = fileURLToPath(new URL("../../node_modules/tsx/dist/cli.mjs", import.meta.url));
const WRITER = fileURLToPath(new URL("writer.ts", import.meta.url));
/** The writer lives up to so long after its first acknowledged write, ms. */
const LIVES_MS = 250;

/**
 * Kills a program that writes to a kitchen so many times, at any moment, and looks each time
 * whether all it was told is there.
 */
export async function killOften(kills: number, tell: (done: number) => void): Promise<KillFigures> {
  const folder = mkdtempSync(join(tmpdir(), "steady-tin-torture-"));
  const url = `file:${join(folder, "kitchen.db")}`;
  const first = openDatabase(url);
  await migrateDatabase(first, url, new Date());
  first.client.close();
  const lost: Acknowledged[] = [];
  let [acknowledged, damaged] = [0, 0];
  try {
    for (let kill = 1; kill <= kills; kill += 1) {
      const told = await writesUntilKilled(url, String(kill));
      acknowledged += told.length;
      const kitchen = openDatabase(url);
      for (const write of told) if (!(await isThere(kitchen, url, write))) lost.push(write);
      const [row] = (await kitchen.client.execute("pragma integrity_check")).rows;
      if (row?.[0] !== "ok") damaged += 1;
      kitchen.client.close();
      if (kill % 25 === 0) tell(kill);
    }
  } finally {
    rmSync(folder, { recursive: true });
  }
  return { kills, acknowledged, lost, damaged };
}

/** What the writer had acknowledged when it was killed without warning. */
async function writesUntilKilled(url: string, name: string): Promise<readonly Acknowledged[]> {
  const writer = spawn(process.execPath, [TSX, WRITER, url, name], {
    stdio: ["ignore", "pipe", "inherit"],
    detached: true,
  });
  const told: Acknowledged[] = [];
  const dies = (): void => {
    // The program runs under its loader: both go at once.
    if (writer.pid !== undefined) process.kill(-writer.pid, "SIGKILL");
  };
  for await (const line of createInterface({ input: writer.stdout })) {
    // The last line may be cut off by the kill itself.
    if (!line.endsWith("}")) break;
    if (told.length === 0) setTimeout(dies, Math.random() * LIVES_MS);
    told.push(JSON.parse(line) as Acknowledged);
  }
  if (told.length === 0) throw new Error("the writer never wrote");
  return told;
}

/**
 * Whether what was acknowledged is in the kitchen; the second write to the same may stand in the
 * first's place, acknowledged or not. A backup is there when it is whole and has the cake that was
 * kept before it.
 */
async function isThere(
  kitchen: Connection,
  url: string,
  { kind, id, holds }: Acknowledged,
): Promise<boolean> {
  switch (kind) {
    case "cake": {
      const guests = (await findCake(kitchen, id))?.doc?.question.guests;
      return guests === holds || (guests === "2" && holds === "1");
    }
    case "recipe": {
      const notes = (await findRecipe(kitchen, id))?.doc?.notes;
      return notes === holds || (notes === "second" && holds === "first");
    }
    case "event":
      return (await eventsSince(kitchen, id, 0)).events.some((event) => event.id === holds);
    case "backup": {
      const gone = (await compareBackup(kitchen, url, id)).some(({ missing }) => missing > 0);
      const backup = openDatabase(`file:${join(backupFolder(databaseFile(url) ?? ""), id)}`);
      const cake = await findCake(backup, holds);
      backup.client.close();
      return cake !== null && !gone;
    }
  }
}
