import { createHash } from "node:crypto";
import { strFromU8, strToU8, zipSync } from "fflate";
import { describe, expect, it } from "vitest";
import { ARCHIVE_INDEX } from "@/core/kept";
import { archiveStream, readArchive, textFile, type ArchivedFile } from "./archive-zip";

const MADE = new Date("2026-12-01T09:00:00Z");
const hashOf = (bytes: Uint8Array): string => createHash("sha256").update(bytes).digest("hex");

/** Words that can hardly be squeezed. */
const noise = (seed: number): string =>
  Array.from({ length: 400 }, (_, at) => ((seed + 1) * (at + 7) * 2_654_435_761).toString(36)).join(
    "",
  );
const TEXTS = Array.from({ length: 30 }, (_, at) =>
  textFile(`cakes/${at}.json`, JSON.stringify({ at, words: noise(at) })),
);
const HASHES = new Map(TEXTS.map(({ path, hash }) => [path, hash]));
/** Bytes that can't be squeezed, and that hold what ends a file of a zip. */
const RAW = Uint8Array.from({ length: 200_000 }, (_, at) =>
  at % 5000 < 4 ? ([0x50, 0x4b, 0x07, 0x08][at % 5000] ?? 0) : (at * 2_654_435_761) >>> 24,
);
const picture: ArchivedFile = {
  ...textFile("pictures/a.jpg", ""),
  hash: hashOf(RAW),
  bytes: () => Promise.resolve(RAW),
  isText: false,
};

async function archive(files: readonly ArchivedFile[]): Promise<Uint8Array> {
  return new Uint8Array(await new Response(archiveStream(files, MADE)).arrayBuffer());
}

describe("an archive", () => {
  it("gives back what was put into it, to the byte, and its index first", async () => {
    const bytes = await archive(TEXTS);
    expect(strFromU8(bytes.subarray(30, 30 + ARCHIVE_INDEX.length))).toBe(ARCHIVE_INDEX);
    const read = readArchive(bytes);
    expect([read.hasIndex, read.missing, read.damaged]).toEqual([true, [], []]);
    expect([...read.files.keys()]).toEqual(TEXTS.map(({ path }) => path));
    for (const text of TEXTS)
      expect(hashOf(read.files.get(text.path) ?? new Uint8Array())).toBe(text.hash);
  });

  it("cut off anywhere gives what stood before, and names the rest", async () => {
    const bytes = await archive(TEXTS);
    let cuts = 0;
    for (let at = 0; at < bytes.length; at += Math.ceil(bytes.length / 100)) {
      const { files, missing, damaged, hasIndex } = readArchive(bytes.subarray(0, at));
      for (const [path, own] of files)
        expect([path, hashOf(own)]).toEqual([path, HASHES.get(path)]);
      if (hasIndex) {
        expect(files.size + missing.length + damaged.length).toBe(TEXTS.length);
        cuts += 1;
      }
    }
    expect(cuts).toBeGreaterThan(90);
  });

  it("with a byte turned over names the file it stood in, and gives the others", async () => {
    const bytes = await archive(TEXTS);
    let found = 0;
    for (let at = 3000; at < bytes.length; at += 997) {
      const turned = Uint8Array.from(bytes);
      turned[at] = (turned[at] ?? 0) ^ 0xff;
      const { files } = readArchive(turned);
      for (const [path, own] of files)
        expect([path, hashOf(own)]).toEqual([path, HASHES.get(path)]);
      if (files.size < TEXTS.length) found += 1;
    }
    expect(found).toBeGreaterThan(50);
  });

  it("from another program, without an index, is read too", () => {
    const bytes = zipSync({ "tins/loaf.json": strToU8("{}"), "notes/": new Uint8Array() });
    const { files, hasIndex } = readArchive(bytes);
    expect([[...files.keys()], hasIndex]).toEqual([["tins/loaf.json"], false]);
  });

  it("passes over a picture that is gone since, and whoever reads it names it", async () => {
    const gone = { ...picture, path: "pictures/gone.jpg", bytes: () => Promise.resolve(null) };
    const { files, missing } = readArchive(await archive([gone, ...TEXTS]));
    expect([files.size, missing]).toEqual([TEXTS.length, ["pictures/gone.jpg"]]);
  });

  it("holds pictures as they are, whatever bytes they have", async () => {
    const { files } = readArchive(await archive([picture, ...TEXTS]));
    expect(hashOf(files.get("pictures/a.jpg") ?? new Uint8Array())).toBe(picture.hash);
  });

  it("that unpacks to far more than it is, is not unpacked", () => {
    const bomb = zipSync({ "cakes/big.json": new Uint8Array(50_000_000) });
    expect(bomb.length).toBeLessThan(100_000);
    const { files, damaged } = readArchive(bomb);
    expect([files.size, damaged]).toEqual([0, ["cakes/big.json"]]);
  });

  it.each([
    ["nothing", new Uint8Array()],
    ["words", strToU8("this is no archive, but a letter")],
  ])("of %s is none", (_, bytes) => {
    expect(readArchive(bytes)).toMatchObject({ missing: [], hasIndex: false });
    expect(readArchive(bytes).files.size).toBe(0);
  });
});
