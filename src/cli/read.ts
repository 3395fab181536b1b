// `npm run -s read -- FILE...`: what a recipe's text tells, one line of JSON a file.
import { readFileSync } from "node:fs";
import { pantryOf } from "../core/pantry";
import { readingAnswer } from "../core/plan";
import { READ_DOUBTS } from "../words/read-doubts";

const pantry = pantryOf();
for (const name of process.argv.slice(2)) {
  const text = readFileSync(name === "-" ? 0 : name, "utf8");
  const answer = readingAnswer(text, pantry, (about) => READ_DOUBTS[about]);
  if (!answer.ok) {
    process.stderr.write(`${JSON.stringify({ error: answer.issue })}\n`);
    process.exit(2);
  }
  process.stdout.write(`${JSON.stringify(answer.value)}\n`);
}
