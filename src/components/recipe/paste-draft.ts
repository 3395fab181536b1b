import * as z from "@/core/zod";
import { CorrectionSchema, RECIPE_LIMITS, type Correction } from "@/core/recipe";

/** A half-typed recipe with what was put right in how it was read. */
export type PasteDraft = { readonly text: string; readonly corrections: readonly Correction[] };

/** Where it survives a reload. */
const TEXT = "recipe-draft";
const CORRECTIONS = "recipe-draft-corrections";

/** What this browser holds; empty where it holds nothing, or something else. */
export function findDraft(): PasteDraft {
  const text = localStorage.getItem(TEXT) ?? "";
  return { text, corrections: correctionsIn(localStorage.getItem(CORRECTIONS)) };
}

function correctionsIn(kept: string | null): readonly Correction[] {
  try {
    const read = z.array(CorrectionSchema).safeParse(JSON.parse(kept ?? "[]"));
    return read.success ? read.data : [];
  } catch {
    return [];
  }
}

/** Keeps a draft in this browser; an empty one is taken away. */
export function keepDraft({ text, corrections }: PasteDraft): void {
  try {
    if (text === "") localStorage.removeItem(TEXT);
    else localStorage.setItem(TEXT, text.slice(0, RECIPE_LIMITS.original));
    if (corrections.length === 0) localStorage.removeItem(CORRECTIONS);
    else localStorage.setItem(CORRECTIONS, JSON.stringify(corrections));
  } catch {
    // A full store only costs the draft after a reload; the text stays on the page.
  }
}
