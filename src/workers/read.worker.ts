import { pantryOf } from "@/core/pantry";
import { readAnyRecipe } from "@/core/reading";
import type { ReadReply, ReadRequest } from "./read-protocol";

onmessage = ({ data: { id, text, pantry, corrections } }: MessageEvent<ReadRequest>) => {
  postMessage({
    id,
    reading: readAnyRecipe(text, pantryOf(pantry.own, pantry.learnt), corrections),
  } satisfies ReadReply);
};
