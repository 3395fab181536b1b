import { pantryOf } from "@/core/pantry";
import { readRecipe } from "@/core/recipe";
import type { ReadReply, ReadRequest } from "./read-protocol";

onmessage = ({ data: { id, text, pantry } }: MessageEvent<ReadRequest>) => {
  postMessage({
    id,
    reading: readRecipe(text, pantryOf(pantry.own, pantry.learnt)),
  } satisfies ReadReply);
};
