// Kills a program that writes, plans what nobody would ask for, asks a served kitchen's pages for it
// too, and prints what came of it:
// npm run torture -- --kills 500 --inputs 100000 --requests 100000 --seed 7
import { parseArgs } from "node:util";
import { withServedKitchen } from "./served.mjs";
import { askPages } from "./torture/ask-pages";
import { fuzz } from "./torture/fuzz";
import { killOften } from "./torture/kill";

const { values } = parseArgs({
  options: {
    kills: { type: "string", default: "500" },
    inputs: { type: "string", default: "100000" },
    requests: { type: "string", default: "0" },
    seed: { type: "string", default: "1" },
  },
});
const [kills, inputs, requests, seed] = [
  values.kills,
  values.inputs,
  values.requests,
  values.seed,
].map(Number);
if (
  ![kills, inputs, requests, seed].every(
    (value) => value !== undefined && Number.isInteger(value) && value >= 0,
  )
)
  throw new RangeError("kills, inputs, requests and seed are whole numbers from 0");
const progress =
  (of: string) =>
  (done: number): void => {
    if (process.stderr.isTTY) process.stderr.write(`\r${of}: ${done}`);
  };

const killed = await killOften(kills ?? 0, progress("kills"));
console.log(
  `${killed.kills} kills: ${killed.acknowledged} writes acknowledged, ${killed.lost.length} lost, ${killed.damaged} times damaged`,
);
for (const write of killed.lost.slice(0, 10))
  console.log(`  lost: ${write.kind} ${write.id} with ${write.holds}`);

const fuzzed = fuzz(inputs ?? 0, seed ?? 1, progress("requests"));
console.log(
  `${fuzzed.inputs} requests (seed ${seed}): ${fuzzed.refusedAtOnce} refused at once, ${fuzzed.reached} reached planning, ${fuzzed.planned} planned, ${fuzzed.answered} answered whole, ${fuzzed.faults.length} faults`,
);
for (const { what, input } of fuzzed.faults) console.log(`  ${what}\n    ${input}`);
const faults: string[] = [];
if (requests !== undefined && requests > 0)
  await withServedKitchen("3299", async (_, address) => {
    const asked = await askPages(address, requests, seed ?? 1);
    faults.push(...asked.faults);
    const told = [...asked.byStatus].toSorted().map(([status, count]) => `${status}: ${count}`);
    console.log(`${requests} requests of pages (seed ${seed}): ${told.join(", ")}`);
  });
for (const fault of faults.slice(0, 10)) console.log(`  ${fault}`);
if (killed.lost.length + killed.damaged + fuzzed.faults.length + faults.length > 0) process.exit(1);
