import { createHash, randomUUID } from "node:crypto";
import { mkdir, open, readdir, readFile, rename, rm, stat } from "node:fs/promises";
import { dirname, join } from "node:path";
import { databaseFile, databaseUrl } from "./connection";
import { hasCode } from "./storage-issue";

const HASH = /^[0-9a-f]{64}$/u;

/** Where pictures are kept: beside the kitchen's file, or in the data folder where that is a server. */
export function pictureFolder(url = databaseUrl()): string {
  return join(dirname(databaseFile(url) ?? "data/steady-tin.db"), "pictures");
}

/**
 * Keeps a picture under the SHA-256 of what is in it. It is on the disk, whole, before this
 * returns: written beside, flushed, and only then given its name.
 * @returns the hash
 */
export async function keepPicture(bytes: Uint8Array, folder = pictureFolder()): Promise<string> {
  const hash = createHash("sha256").update(bytes).digest("hex");
  const path = join(folder, `${hash}.jpg`);
  await mkdir(folder, { recursive: true });
  if ((await stat(path).catch(() => null))?.size === bytes.length) return hash;
  const beside = join(folder, `.${hash}.${randomUUID()}`);
  try {
    const file = await open(beside, "wx");
    try {
      await file.writeFile(bytes);
      await file.sync();
    } finally {
      await file.close();
    }
    await rename(beside, path);
  } catch (error) {
    await rm(beside, { force: true });
    throw error;
  }
  // The name too has to outlast a pulled plug.
  const named = await open(folder, "r");
  try {
    await named.sync();
  } finally {
    await named.close();
  }
  return hash;
}

/** A kept picture; null when there is none of that hash, or it is not what it was any more. */
export async function findPicture(
  hash: string,
  folder = pictureFolder(),
): Promise<Uint8Array<ArrayBuffer> | null> {
  if (!HASH.test(hash)) return null;
  try {
    const bytes = new Uint8Array(await readFile(join(folder, `${hash}.jpg`)));
    return createHash("sha256").update(bytes).digest("hex") === hash ? bytes : null;
  } catch (error) {
    if (hasCode(error, "ENOENT")) return null;
    throw error;
  }
}

/** The hashes of all pictures there are. */
export async function listPictures(folder = pictureFolder()): Promise<readonly string[]> {
  const names = await readdir(folder).catch((error: unknown) => {
    if (hasCode(error, "ENOENT")) return [];
    throw error;
  });
  return names.flatMap((name) => {
    const hash = name.replace(/\.jpg$/u, "");
    return HASH.test(hash) ? [hash] : [];
  });
}
