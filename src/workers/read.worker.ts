import { pantryOf, type Pantry } from "@/core/pantry";
import { readAnyRecipe } from "@/core/reading";
import type { ReadReply, ReadRequest } from "./read-protocol";

/** The pantry of the last request: while it is the same, what was read of a line is known. */
let last: { readonly told: string; readonly pantry: Pantry } | null = null;

function pantryFor(asked: ReadRequest["pantry"]): Pantry {
  const told = JSON.stringify(asked);
  if (last?.told !== told) last = { told, pantry: pantryOf(asked.own, asked.learnt) };
  return last.pantry;
}

onmessage = ({ data: { id, text, pantry, corrections } }: MessageEvent<ReadRequest>) => {
  postMessage({
    id,
    reading: readAnyRecipe(text, pantryFor(pantry), corrections),
  } satisfies ReadReply);
};
