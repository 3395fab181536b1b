import { Bench } from "tinybench";
import { planCake, type CakeInput } from "../src/core/cake";
import { levelFor, tinGeometry, type Tin } from "../src/core/tin";

/** A fixed piece of arithmetic: what the other figures are compared with, so that the machine's speed drops out. */
function arithmetic(): number {
  let sum = 0;
  for (let step = 1; step <= 100_000; step += 1) sum += Math.sqrt(step) / (1 + step);
  return sum;
}

const ring: Tin = { shape: "fluted", diameterMm: 250, depthMm: 90 };
const input: CakeInput = {
  recipe: {
    batter: { kind: "creamed", volumeMl: 2400 },
    reference: { tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }], ovenC: 177, minutes: 34 },
  },
  tins: [ring, { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51, material: "glass" }, { shape: "well", rimMm: 70, depthMm: 32, count: 12 }, { shape: "round", diameterMm: 203, depthMm: 51 }],
  finish: { cover: "top-and-sides" },
};
const geometry = tinGeometry(ring);
if (!geometry.ok) throw new Error("the ring is not a tin");

const bench = new Bench({ time: 800, warmupTime: 300 });
bench
  .add("fixed arithmetic", arithmetic)
  .add("whole plan, 4 tins", () => planCake(input))
  .add("level in a fluted ring", () => levelFor(geometry.value, 1100));
await bench.run();

const median = (name: string): number => {
  const result = bench.getTask(name)?.result;
  if (result === undefined || !("latency" in result)) throw new Error(`${name} did not run`);
  return result.latency.p50;
};
for (const { name } of bench.tasks) {
  console.log(`${name.padEnd(26)} ${median(name).toFixed(4)} ms   x ${(median(name) / median("fixed arithmetic")).toFixed(3)} of the fixed arithmetic`);
}
