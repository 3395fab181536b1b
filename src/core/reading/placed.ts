import { wordsIn, type Chunk } from "./chunks";
import type { PageRow } from "./layout";
import type { PlacedMention } from "./part-features";
import { partRole, type Stage } from "../recipe";
import { bakeAt, type PlacedChunk } from "./stage-features";

/** All that is told on a page, clause by clause, headings left out. */
export function placedChunks(rows: readonly PageRow[]): readonly PlacedChunk[] {
  return rows.flatMap(({ kind, chunks, heading }) =>
    kind === "blank" || kind === "heading"
      ? []
      : chunks.map((chunk) => ({ chunk, heading: wordsIn(heading), isRow: kind === "row" })),
  );
}

/**
 * The heading that a page begins with, where it is the cake's own name and names a topping all the
 * same: crumble bars, a praline slice. Null for any other.
 */
function titleOf(rows: readonly PageRow[]): PageRow | null {
  const first = rows.find(({ kind }) => kind !== "blank");
  const isTitle =
    first?.kind === "heading" && partRole(first.bare) === "topping" && CAKES.test(first.bare);
  return isTitle ? first : null;
}

const CAKES =
  /\b(?:cakes?|bars?|loa(?:f|ves)|slices?|squares?|traybakes?|muffins?|cupcakes?|buns?|ring|torte|gateau|sponge|pudding|brownies?|blondies?|layers?|rolls?|bread)\W*$/iu;

/** So many words around an ingredient are looked at. */
const AROUND = 30;

/** Every ingredient of a page with what stands around it. */
export function placedMentions(
  rows: readonly PageRow[],
  chunks: readonly PlacedChunk[],
  stageOf: (chunk: Chunk) => Stage,
): readonly PlacedMention[] {
  const bake = bakeAt(chunks);
  const placeOf = new Map(chunks.map(({ chunk }, index) => [chunk, index]));
  const later = chunks.map(({ chunk }) => chunk.words);
  const found: PlacedMention[] = [];
  const title = titleOf(rows);
  const headingOf = (row: PageRow): string => (row.heading === title?.bare ? "" : row.heading);
  let run = 0;
  let heading = "";
  let told: readonly string[] = [];
  for (const row of rows) {
    if (row.kind === "blank" || row.kind === "heading") {
      run += 1;
      if (row.kind === "heading" && row !== title)
        told = [...told, ...wordsIn(row.bare)].slice(-AROUND);
      continue;
    }
    // A part that is named and listed in one line is a list of its own.
    if (row.heading !== heading) run += 1;
    heading = row.heading;
    for (const [index, chunk] of row.chunks.entries()) {
      const place = placeOf.get(chunk) ?? 0;
      for (const mention of row.mentions[index] ?? [])
        found.push({
          mention,
          chunk,
          before: [...told, ...wordsIn(chunk.text.slice(0, mention.at))].slice(-AROUND),
          after: [
            ...wordsIn(chunk.text.slice(mention.end)),
            ...(row.kind === "told" ? (later[place + 1] ?? []) : []),
          ],
          heading: headingOf(row),
          headingWords: wordsIn(headingOf(row)),
          isRow: row.kind === "row",
          stage: stageOf(chunk),
          afterBake: place - bake,
          run,
        });
      told = [...told, ...chunk.words].slice(-AROUND);
    }
  }
  return found;
}
