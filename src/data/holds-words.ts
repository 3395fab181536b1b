import { sql, type Column, type SQL } from "drizzle-orm";
import { foldName } from "@/core/pantry";

/**
 * That a column of folded words holds every word of a text, as typed: a percent sign is one, not
 * anything at all. No conditions for a text without words.
 */
export const holdsWords = (column: Column, text: string): readonly SQL[] =>
  foldName(text)
    .split(" ")
    .filter((word) => word !== "")
    .map((word) => holdsPart(column, word));

/** That a column holds a part, letter by letter. */
export const holdsPart = (column: Column, part: string): SQL =>
  sql`${column} like ${`%${part.replaceAll(/[\\%_]/gu, String.raw`\$&`)}%`} escape ${"\\"}`;
