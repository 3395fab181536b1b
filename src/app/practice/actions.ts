"use server";

import { parsePracticeAnswer, type PracticeAnswer } from "@/core/practice";
import type { Outcome } from "@/components/frame/outcome";
import { addPracticeAnswer, kitchenDatabase } from "@/data";
import { keeping } from "@/server/kept-action";
import { issueText } from "@/words";
import { visitorUnits } from "../visitor-units";

/** Keeps an answer of practice. */
export async function keepAnswer(input: PracticeAnswer): Promise<Outcome> {
  const answer = parsePracticeAnswer(input);
  if (!answer.ok) return { ok: false, message: issueText(answer.issue, await visitorUnits()) };
  return keeping(async () => {
    await addPracticeAnswer(kitchenDatabase(), answer.value);
    return true;
  }, "");
}
