import { createHash } from "node:crypto";
import { strFromU8 } from "fflate";
import {
  ARCHIVE_FOLDERS,
  ARCHIVED_KINDS,
  archivedName,
  archivePath,
  readArchived,
  STORED_RECIPE,
  type ArchivedThing,
} from "@/core/kept";
import { pantryOf } from "@/core/pantry";
import { writeJsonLd, writeMarkdown } from "@/core/recipe";
import {
  archivedThings,
  backUp,
  bringIn,
  compareThings,
  databaseUrl,
  findPantry,
  findPicture,
  keepPicture,
  kitchenDatabase,
  listPictures,
} from "@/data";
import type { ArchiveCompared } from "@/words/archive";
import { archiveStream, readArchive, textFile, type ArchivedFile } from "./archive-zip";
import { bareJpeg } from "./bare-jpeg";

const PICTURES = "pictures";
const PICTURE = new RegExp(`^${PICTURES}/([0-9a-f]{64})\\.jpg$`, "u");
/** What a recipe is written as besides, for other programs to read. */
const FOR_OTHERS = /^recipes\/.+\.(?:md|jsonld)$/u;

/** The whole kitchen as one archive. */
export async function kitchenArchive(now: Date): Promise<ReadableStream<Uint8Array>> {
  const things = await archivedThings(kitchenDatabase());
  const files = things.flatMap((thing): readonly ArchivedFile[] => {
    const path = archivePath(thing);
    const own = textFile(path, JSON.stringify(thing, null, 2));
    if (thing.kind !== "recipe" || !("recipe" in thing)) return [own];
    const read = STORED_RECIPE.read(JSON.stringify(thing.recipe));
    return read.ok
      ? [
          own,
          textFile(path.replace(/\.json$/u, ".md"), writeMarkdown(read.value)),
          textFile(path.replace(/\.json$/u, ".jsonld"), writeJsonLd(read.value)),
        ]
      : [own];
  });
  const pictures = (await listPictures()).map((hash) => ({
    path: `${PICTURES}/${hash}.jpg`,
    hash,
    bytes: () => findPicture(hash),
    isText: false,
  }));
  return archiveStream([...files, ...pictures], now);
}

/** An archive, looked through. */
type Looked = {
  readonly things: readonly ArchivedThing[];
  readonly pictures: readonly Uint8Array[];
  /** Files that can't be read, or are none of ours. */
  readonly unread: readonly string[];
  readonly missing: readonly string[];
  readonly hasIndex: boolean;
};

/** What of an archive can be used; null for what is none at all. */
export function lookThrough(bytes: Uint8Array): Looked | null {
  const { files, missing, damaged, hasIndex } = readArchive(bytes);
  if (files.size === 0 && !hasIndex) return null;
  const things: ArchivedThing[] = [];
  const pictures: Uint8Array[] = [];
  const unread = [...damaged];
  for (const [path, file] of files) {
    if (FOR_OTHERS.test(path)) continue;
    const hash = PICTURE.exec(path)?.[1];
    if (hash === undefined) {
      const thing = readArchived(strFromU8(file));
      if (thing.ok && archivePath(thing.value) === path) things.push(thing.value);
      else unread.push(path);
    } else if (createHash("sha256").update(file).digest("hex") === hash && bareJpeg(file) !== null)
      pictures.push(file);
    else unread.push(path);
  }
  return { things, pictures, unread, missing, hasIndex };
}

/** How an archive stands to the kitchen, a kind at a time. */
export async function comparedArchive({ things }: Looked): Promise<readonly ArchiveCompared[]> {
  const compared = await compareThings(kitchenDatabase(), things);
  return ARCHIVED_KINDS.map((kind) => {
    const of = (all: readonly ArchivedThing[]) => all.filter((thing) => thing.kind === kind);
    return {
      kind,
      new: of(compared.new).length,
      same: of(compared.same).length,
      changed: of(compared.changed).map(
        (thing) => archivedName(thing) || `${ARCHIVE_FOLDERS[kind]}/${thing.id}`,
      ),
    };
  }).filter((each) => each.new + each.same + each.changed.length > 0);
}

/**
 * Brings in what is new of an archive, and what is otherwise there where that is wanted; the kitchen
 * as it was is backed up first. Pictures first: no page names one that is not there.
 * @returns how many things came
 */
export async function bringArchiveIn(
  { things, pictures }: Looked,
  takesChanged: boolean,
  now: Date,
): Promise<number> {
  const database = kitchenDatabase();
  const compared = await compareThings(database, things);
  const wanted = [...compared.new, ...(takesChanged ? compared.changed : [])];
  await backUp(database, databaseUrl(), "before-restore", now);
  for (const picture of pictures) await keepPicture(picture);
  // Foods first: recipes are worked out by them.
  const isFood = ({ kind }: ArchivedThing): boolean => kind === "ingredient";
  await bringIn(database, wanted.filter(isFood), pantryOf(), now);
  const { own, learnt } = await findPantry(database);
  await bringIn(
    database,
    wanted.filter((thing) => !isFood(thing)),
    pantryOf(own, learnt),
    now,
  );
  return wanted.length;
}
