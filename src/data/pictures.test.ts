import { spawnSync } from "node:child_process";
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { findPicture, keepPicture, pictureFolder } from "./pictures";

const folder = mkdtempSync(join(tmpdir(), "steady-tin-pictures-"));
afterAll(() => {
  rmSync(folder, { recursive: true });
});

describe("kept pictures", () => {
  const bytes = new TextEncoder().encode("a cake, cut open");

  it("are found by what is in them, and kept once", async () => {
    const into = join(folder, "new");
    const hash = await keepPicture(bytes, into);
    expect(hash).toMatch(/^[0-9a-f]{64}$/u);
    expect(await keepPicture(bytes, into)).toBe(hash);
    expect(readdirSync(into)).toEqual([`${hash}.jpg`]);
    expect([...((await findPicture(hash, into)) ?? [])]).toEqual([...bytes]);
  });

  it("are written anew over half a file, and not shown while they are not whole", async () => {
    const hash = await keepPicture(bytes, folder);
    writeFileSync(join(folder, `${hash}.jpg`), bytes.subarray(0, 5));
    expect(await findPicture(hash, folder)).toBeNull();
    expect(await keepPicture(bytes, folder)).toBe(hash);
    expect(await findPicture(hash, folder)).not.toBeNull();
  });

  it("are found nowhere else", async () => {
    for (const hash of ["", "../pictures", "A".repeat(64), "0".repeat(64), "/etc/passwd"])
      expect(await findPicture(hash, folder)).toBeNull();
  });

  it("leave nothing behind where the folder takes nothing, and say so", async () => {
    const taken = join(folder, "taken");
    writeFileSync(taken, "no folder");
    await expect(keepPicture(bytes, taken)).rejects.toThrow();
  });

  it("leave nothing of themselves where a file can't grow half-way, and all others as they were", async () => {
    const into = join(folder, "filling-up");
    const first = await keepPicture(bytes, into);
    // No file may be over 200 kB: what is written after that is refused, as on a full disk.
    const keeps = `
      import { keepPicture } from "${new URL("./pictures.ts", import.meta.url).pathname}";
      import { stored } from "${new URL("./storage-issue.ts", import.meta.url).pathname}";
      const kept = await stored(() => keepPicture(new Uint8Array(900_000).fill(7), ${JSON.stringify(into)}));
      console.log(JSON.stringify(kept));`;
    const script = join(folder, "keeps.mts");
    writeFileSync(script, keeps);
    const told = spawnSync(
      "bash",
      ["-c", 'ulimit -f 200 && exec node_modules/.bin/tsx "$0"', script],
      { encoding: "utf8" },
    );
    expect(told.stdout.trim()).toBe('{"ok":false,"issue":"full"}');
    expect(readdirSync(into)).toEqual([`${first}.jpg`]);
    expect(await findPicture(first, into)).not.toBeNull();
  });

  it("stand beside the kitchen's file", () => {
    expect(pictureFolder("file:/srv/kitchen/steady.db")).toBe("/srv/kitchen/pictures");
    expect(pictureFolder("http://kitchen.example")).toBe("data/pictures");
  });
});
