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

  it("stand beside the kitchen's file", () => {
    expect(pictureFolder("file:/srv/kitchen/steady.db")).toBe("/srv/kitchen/pictures");
    expect(pictureFolder("http://kitchen.example")).toBe("data/pictures");
  });
});
