// Every figure of the demo cakes and of random requests, to show that a change of the code moved none of them:
// npm run figures -- before.json 200   records them; the same again, later, names each that moved.
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import fc from "fast-check";
import {
  parseCakeInput,
  planAnswer,
  planCake,
  workRequest,
  type CakeRequest,
} from "../src/core/plan";
import { plannedCake } from "../src/core/kept";
import { pantryOf } from "../src/core/pantry";
import { DEMO_CAKES } from "../src/data/demo-kitchen";
import { findCake, findRecipe } from "../src/data";
import { freshKitchen, NOW } from "../src/data/fresh-kitchen.test-data";
import { DEMO_RECIPE_TEXTS } from "../src/data/demo-recipes";
import { seedDemoKitchen } from "../src/data/seed";
import { cautionText, issueText, METRIC, remarkText } from "../src/words";
import { doingText } from "../src/words/day";
import { buildRemarkText } from "../src/words/finishing";
import { anyRequest } from "./torture/any-request";

type Recorded = { readonly name: string; readonly input: unknown; readonly figures: unknown };

const WORDS: Parameters<typeof planAnswer>[2] = {
  caution: (caution) => cautionText(caution, METRIC),
  built: (remark) => buildRemarkText(remark, METRIC),
  remark: (remark) => remarkText(remark, METRIC),
  doing: (doing) => doingText(doing, METRIC),
};

const [file, count = "200"] = process.argv.slice(2);
if (file === undefined) throw new RangeError("name a file to record in");

function figuresOf(request: CakeRequest): unknown {
  const plan = planCake(request.input);
  if (!plan.ok) return plan.issue;
  // The heat in a dozen big tins takes minutes to solve: the first tin's stands for all.
  const one = {
    ...request,
    input: {
      ...request.input,
      recipe: { ...request.input.recipe, alsoBaked: [] },
      tins: request.input.tins.slice(0, 1),
    },
  };
  const ofOne = planCake(one.input);
  return { plan: plan.value, answer: ofOne.ok ? planAnswer(ofOne.value, one, WORDS) : ofOne.issue };
}

function ofRequest(input: unknown): unknown {
  const parsed = parseCakeInput(input);
  return parsed.ok ? figuresOf(workRequest(parsed.value)) : issueText(parsed.issue, METRIC);
}

async function ofDemo(): Promise<readonly Recorded[]> {
  const kitchen = await freshKitchen();
  await seedDemoKitchen(kitchen.connection, NOW);
  const cakes: Recorded[] = [];
  for (const { id } of DEMO_CAKES) {
    const cake = await findCake(kitchen.connection, id);
    const planned =
      cake?.doc == null ? null : plannedCake(cake.doc, { size: "metric", heat: "C" }, pantryOf());
    if (planned === null || cake?.doc == null) throw new Error(`${id} has no plan`);
    const { part, fillingPart } = cake.doc.question.finish;
    const made = { part, fillingPart };
    cakes.push({
      name: id,
      input: null,
      figures: { planned, answer: planAnswer(planned.plan, { ...planned, made }, WORDS) },
    });
  }
  for (const [id] of DEMO_RECIPE_TEXTS)
    cakes.push({
      name: `recipe ${id}`,
      input: null,
      figures: await findRecipe(kitchen.connection, id),
    });
  kitchen.remove();
  return cakes;
}

/** Paths of what differs, at most ten of them. */
function moved(before: unknown, after: unknown, path = ""): readonly string[] {
  if (Object.is(before, after)) return [];
  const isTree = (value: unknown): value is Readonly<Record<string, unknown>> =>
    typeof value === "object" && value !== null;
  if (!isTree(before) || !isTree(after))
    return [`${path}: ${JSON.stringify(before)} is now ${JSON.stringify(after)}`];
  const fields = new Set([...Object.keys(before), ...Object.keys(after)]);
  return [...fields]
    .flatMap((field) => moved(before[field], after[field], `${path}.${field}`))
    .slice(0, 10);
}

const kept = existsSync(file)
  ? (JSON.parse(readFileSync(file, "utf8")) as readonly Recorded[])
  : null;
const isPlanned = (input: unknown): boolean => {
  const parsed = parseCakeInput(input);
  return parsed.ok && planCake(workRequest(parsed.value).input).ok;
};
const inputs =
  kept === null
    ? fc
        .sample(anyRequest, { seed: 13, numRuns: 8 * Number(count) })
        .filter(isPlanned)
        .slice(0, Number(count))
    : kept.filter(({ name }) => name.startsWith("request")).map(({ input }) => input);
const now: Recorded[] = [...(await ofDemo())];
for (const [index, input] of inputs.entries())
  now.push({ name: `request ${index}`, input, figures: ofRequest(input) });
const plain = JSON.parse(JSON.stringify(now)) as readonly Recorded[];
if (kept === null) {
  writeFileSync(file, JSON.stringify(plain));
  console.log(`Recorded ${plain.length} in ${file}.`);
} else {
  const differing = kept.flatMap((one) =>
    moved(one.figures, plain.find(({ name }) => name === one.name)?.figures, one.name),
  );
  console.log(`${kept.length} compared, ${differing.length} figures moved`);
  for (const line of differing.slice(0, 40)) console.log(`  ${line.slice(0, 300)}`);
  if (differing.length > 0) process.exitCode = 1;
}
