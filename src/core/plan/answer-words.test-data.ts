import { METRIC } from "@/words";
import { doingText } from "@/words/day";
import type { planFileAnswer } from "./plan-file";

/** Words of an answer where a test looks at its numbers and its tasks alone. */
export const FEW_WORDS: Parameters<typeof planFileAnswer>[1] = {
  caution: () => "",
  built: () => "",
  remark: () => "",
  doing: (doing) => doingText(doing, METRIC),
  doubt: (about) => about,
};
