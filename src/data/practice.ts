import { desc } from "drizzle-orm";
import { parsePracticeAnswer, type PracticeAnswer } from "@/core/practice";
import type { Connection } from "./connection";
import { parsedJson } from "./parsed-json";
import { practiceAnswers } from "./schema";

/** As many as tell what to practise next; older ones are kept all the same. */
const MOST_LISTED = 2000;

/** The last answers, the newest first. One that no longer reads is left out. */
export async function listPracticeAnswers({ db }: Connection): Promise<readonly PracticeAnswer[]> {
  const rows = await db
    .select()
    .from(practiceAnswers)
    .orderBy(desc(practiceAnswers.at))
    .limit(MOST_LISTED);
  return rows.flatMap(({ doc }) => {
    const answer = parsePracticeAnswer(parsedJson(doc));
    return answer.ok ? [answer.value] : [];
  });
}

/** Keeps an answer; one that is told twice is kept once. */
export async function addPracticeAnswer(
  connection: Connection,
  answer: PracticeAnswer,
): Promise<void> {
  await connection.write((db) =>
    db.insert(practiceAnswers).values(answerRow(answer)).onConflictDoNothing(),
  );
}

/** The columns of an answer. */
export const answerRow = (answer: PracticeAnswer) => ({
  id: answer.id,
  at: answer.at,
  doc: JSON.stringify(answer),
});
