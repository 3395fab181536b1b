import { createHash } from "node:crypto";
import {
  ZipDeflate,
  strFromU8,
  strToU8,
  Unzip,
  UnzipInflate,
  unzipSync,
  Zip,
  ZipPassThrough,
} from "fflate";
import { ARCHIVE_FORMAT, ARCHIVE_INDEX, ARCHIVE_VERSION, ArchiveIndexSchema } from "@/core/kept";

/** A file of an archive: its bytes, or where they are to be had when its turn comes. */
export type ArchivedFile = {
  readonly path: string;
  /** SHA-256 of the bytes. */
  readonly hash: string;
  readonly bytes: () => Promise<Uint8Array | null>;
  /** Whether it is smaller squeezed; pictures are not. */
  readonly isText: boolean;
};

const hashOf = (bytes: Uint8Array): string => createHash("sha256").update(bytes).digest("hex");

/** A text as a file. */
export function textFile(path: string, text: string): ArchivedFile {
  const bytes = strToU8(text);
  return { path, hash: hashOf(bytes), bytes: () => Promise.resolve(bytes), isText: true };
}

/**
 * An archive as it is sent: its index first, so that one that was cut off still tells what is
 * missing; then a file after the other, so that a thousand pictures are never in memory at once.
 */
export function archiveStream(
  files: readonly ArchivedFile[],
  madeAt: Date,
): ReadableStream<Uint8Array> {
  const index = {
    format: ARCHIVE_FORMAT,
    version: ARCHIVE_VERSION,
    madeAt: madeAt.toISOString(),
    files: Object.fromEntries(files.map(({ path, hash }) => [path, hash])),
  };
  const all = [textFile(ARCHIVE_INDEX, JSON.stringify(index, null, 2)), ...files].values();
  let zip: Zip | null = null;
  return new ReadableStream({
    start(controller) {
      zip = new Zip((error, chunk, isLast) => {
        if (error !== null) controller.error(error);
        else {
          controller.enqueue(chunk);
          if (isLast) controller.close();
        }
      });
    },
    async pull() {
      // A pull that gives nothing would be the last one: what is gone since is passed over, and is
      // missed and named by whoever reads the archive.
      for (;;) {
        const { value: file, done } = all.next();
        if (done === true) {
          zip?.end();
          return;
        }
        const bytes = await file.bytes();
        if (bytes === null) continue;
        const entry = file.isText
          ? new ZipDeflate(file.path, { level: 6 })
          : new ZipPassThrough(file.path);
        entry.mtime = madeAt;
        zip?.add(entry);
        entry.push(bytes, true);
        return;
      }
    },
  });
}

/** What could be read of an archive, and what not. */
export type ReadArchive = {
  readonly files: ReadonlyMap<string, Uint8Array>;
  /** Paths its index names that are not there, or are not what they were. */
  readonly missing: readonly string[];
  readonly damaged: readonly string[];
  /** Whether its index is there: without one nobody can say what is missing. */
  readonly hasIndex: boolean;
};

/** No file of an archive is larger, nor all of them together, bytes; nor are there more. */
const MOST_FILE = 40_000_000;
const MOST_IN_ALL = 1_000_000_000;
const MOST_FILES = 100_000;
const CHUNK = 65_536;

/** Files by their paths, and those that are there but can't be unpacked. */
type Unpacked = { readonly files: Map<string, Uint8Array>; readonly damaged: Set<string> };

/**
 * Unpacks by the list of files at the end of a zip; null where that is not there or a file can't be
 * unpacked. A file larger than any of ours is left out.
 */
function unpackedByList(bytes: Uint8Array): Unpacked | null {
  const damaged = new Set<string>();
  let inAll = 0;
  let count = 0;
  try {
    const found = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (name.endsWith("/")) return false;
        inAll += originalSize;
        count += 1;
        const fits = originalSize <= MOST_FILE && inAll <= MOST_IN_ALL && count <= MOST_FILES;
        if (!fits) damaged.add(name);
        return fits;
      },
    });
    return { files: new Map(Object.entries(found)), damaged };
  } catch {
    return null;
  }
}

/** Unpacks from the beginning, file by file, as far as it goes. */
function unpackedByFile(bytes: Uint8Array): Unpacked {
  const files = new Map<string, Uint8Array>();
  const damaged = new Set<string>();
  let inAll = 0;
  const unzip = new Unzip((file) => {
    if (file.name.endsWith("/") || files.size >= MOST_FILES) return;
    const parts: Uint8Array[] = [];
    let length = 0;
    damaged.add(file.name);
    file.ondata = (error, part, isLast) => {
      if (error !== null) return;
      length += part.length;
      inAll += part.length;
      if (length > MOST_FILE || inAll > MOST_IN_ALL) {
        file.terminate();
        return;
      }
      parts.push(part);
      if (!isLast) return;
      files.set(file.name, Buffer.concat(parts));
      damaged.delete(file.name);
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  try {
    for (let from = 0; from < bytes.length; from += CHUNK)
      unzip.push(bytes.subarray(from, from + CHUNK), from + CHUNK >= bytes.length);
  } catch {
    // What came before the place that can't be read is there.
  }
  return { files, damaged };
}

/**
 * Reads an archive; of one that was cut off or damaged what can still be read. Each file is what its
 * index says, or it is named.
 */
export function readArchive(bytes: Uint8Array): ReadArchive {
  const { files, damaged } = unpackedByList(bytes) ?? unpackedByFile(bytes);
  const index = indexOf(files.get(ARCHIVE_INDEX));
  files.delete(ARCHIVE_INDEX);
  for (const [path, hash] of Object.entries(index ?? {})) {
    const found = files.get(path);
    if (found !== undefined && hashOf(found) !== hash) {
      files.delete(path);
      damaged.add(path);
    }
  }
  return {
    files,
    missing: Object.keys(index ?? {}).filter((path) => !files.has(path) && !damaged.has(path)),
    damaged: [...damaged],
    hasIndex: index !== null,
  };
}

function indexOf(bytes: Uint8Array | undefined): Readonly<Record<string, string>> | null {
  if (bytes === undefined) return null;
  try {
    const index = ArchiveIndexSchema.safeParse(JSON.parse(strFromU8(bytes)));
    return index.success ? index.data.files : null;
  } catch {
    return null;
  }
}
