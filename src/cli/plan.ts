import { readFileSync } from "node:fs";
import { buildRemarkText } from "@/words/finishing";
import { planFileAnswer } from "@/core/plan";
import type { Issue, Result } from "@/core/measure";
import { doingText } from "@/words/day";
import { READ_DOUBTS } from "@/words/read-doubts";
import { cautionText, issueText, METRIC, remarkText } from "@/words";

/** Exit code for a request that can't be used. */
const UNUSABLE = 2;
/** A request is a page of text; anything longer is a mistake. */
const MOST_BYTES = 2_000_000;

function fail(code: string, path: string, message: string): never {
  process.stderr.write(`${JSON.stringify({ error: { code, path, message } })}\n`);
  process.exit(UNUSABLE);
}

function refuse(issue: Issue): never {
  return fail(issue.code, issue.path, issueText(issue, METRIC));
}

function settled<T>(result: Result<T>): T {
  return result.ok ? result.value : refuse(result.issue);
}

function readRequest(file: string): string {
  try {
    return readFileSync(file === "-" ? 0 : file, "utf8");
  } catch (error) {
    const reason = error instanceof Error && "code" in error ? String(error.code) : "unreadable";
    return fail("unreadable-file", file, `The file “${file}” can't be read (${reason}).`);
  }
}

function parseJson(text: string): unknown {
  if (text.length > MOST_BYTES)
    return fail(
      "too-large",
      "",
      `The request is ${text.length} characters long: at most ${MOST_BYTES}.`,
    );
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    return fail(
      "damaged",
      "",
      `The request is not JSON: ${error instanceof Error ? error.message : "it can't be read"}.`,
    );
  }
}

const [file] = process.argv.slice(2);
if (file === undefined)
  fail(
    "usage",
    "",
    "Name a request file, or - for standard input: npm run -s plan -- request.json",
  );
const answer = settled(
  planFileAnswer(parseJson(readRequest(file)), {
    caution: (caution) => cautionText(caution, METRIC),
    built: (remark) => buildRemarkText(remark, METRIC),
    remark: (remark) => remarkText(remark, METRIC),
    doing: (doing) => doingText(doing, METRIC),
    doubt: (about) => READ_DOUBTS[about],
  }),
);
process.stdout.write(`${JSON.stringify(answer, null, 2)}\n`);
