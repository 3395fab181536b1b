// Kills a program that writes and plans what nobody would ask for, and prints what came of it: npm
// run torture -- --kills 500 --inputs 100000 --seed 7
import { parseArgs } from "node:util";
import { fuzz } from "./torture/fuzz";
import { killOften } from "./torture/kill";

const { values } = parseArgs({
  options: {
    kills: { type: "string", default: "500" },
    inputs: { type: "string", default: "100000" },
    seed: { type: "string", default: "1" },
  },
});
const [kills, inputs, seed] = [values.kills, values.inputs, values.seed].map(Number);
if (
  ![kills, inputs, seed].every(
    (value) => value !== undefined && Number.isInteger(value) && value >= 0,
  )
)
  throw new RangeError("kills, inputs and seed are whole numbers from 0");
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
if (killed.lost.length + killed.damaged + fuzzed.faults.length > 0) process.exit(1);
