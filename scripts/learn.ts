// How much a log of bakes teaches, tried on simulated bakers: `npm run learn` writes docs/learning.md.
// Their ovens, recipes and tins differ from the forecast by amounts nobody tells; what a bake wants
// is what the solver says of that, and the forecast is the closed form's.
import { writeFileSync } from "node:fs";
import { randomLcg, randomNormal } from "d3-random";
import { closedFormMinutes, type BakeCase } from "../src/core/bake";
import { solvedMinutes } from "../src/core/bake/solver/tin-case";
import { learntFrom, SIGMA_BAKE, type BakeMade, type BakePlace } from "../src/core/logbook";
import { tinFamily, tinGeometry, volumeAt, type Tin } from "../src/core/tin";

const BAKERS = 200;
const BAKES = 10;
const SEED = 0.42;
const OVEN_C = 177;
/** Judged right, else told only to which side it was off. */
const RIGHT = 0.7;
/** Clocks misread, doors left open. */
const WILD = 0.05;
const SIGMA_WILD = 0.4;
const SIGMA_OVEN_C = 8;
const SIGMA_RECIPE = 0.12;
const SIGMA_TIN = 0.08;

const TINS: readonly Tin[] = [
  { shape: "round", diameterMm: 203, depthMm: 51 },
  { shape: "round", diameterMm: 152, depthMm: 51 },
  { shape: "round", diameterMm: 229, depthMm: 51 },
  { shape: "round", diameterMm: 254, depthMm: 51 },
  { shape: "round", diameterMm: 203, depthMm: 51, material: "dark" },
  { shape: "square", sideMm: 200, depthMm: 50 },
  { shape: "square", sideMm: 230, depthMm: 50, material: "glass" },
  { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 },
  { shape: "rectangle", lengthMm: 381, widthMm: 254, depthMm: 25 },
  { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
  { shape: "loaf", lengthMm: 254, widthMm: 127, depthMm: 70, material: "dark" },
  { shape: "fluted", diameterMm: 254, depthMm: 89 },
  { shape: "tube", diameterMm: 254, depthMm: 100 },
  { shape: "well", rimMm: 70, depthMm: 32 },
];

/** A tin half full, at a heat. */
function caseOf(tin: Tin, ovenC: number): BakeCase {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new RangeError(JSON.stringify(tin));
  const batterMl = volumeAt(geometry.value, geometry.value.depthMm / 2);
  return { geometry: geometry.value, batterMl, ovenC, isFan: false };
}

/** ln of the solver's minutes of each tin at a heat, between heats it was solved for. */
const HEATS = [137, 157, 177, 197, 217];
const solvedAt = TINS.map((tin) =>
  HEATS.map((ovenC) => Math.log(solvedMinutes(caseOf(tin, ovenC)))),
);
function solvedLog(tin: number, ovenC: number): number {
  const at = Math.min(HEATS.length - 2, Math.max(0, Math.floor((ovenC - 137) / 20)));
  const [low, high] = [solvedAt[tin]?.[at] ?? 0, solvedAt[tin]?.[at + 1] ?? 0];
  return low + ((high - low) * (ovenC - (HEATS[at] ?? 0))) / 20;
}
const closedLog = TINS.map((tin) => Math.log(closedFormMinutes(caseOf(tin, OVEN_C))));
const perC = TINS.map(
  (tin) =>
    (Math.log(closedFormMinutes(caseOf(tin, OVEN_C + 6))) -
      Math.log(closedFormMinutes(caseOf(tin, OVEN_C - 6)))) /
    12,
);

const familyOf = (at: number): string => {
  const tin = TINS[at];
  const metal = tin?.material ?? "bright";
  return `${tin === undefined ? "" : tinFamily(tin)} ${metal}`;
};
const placeOf = (tin: number, own: number): BakePlace => ({
  recipe: "one",
  family: familyOf(tin),
  ownFamily: familyOf(own),
  tin: String(tin),
  ownTin: String(own),
  perC: perC[tin] ?? -0.01,
});

type Missed = { readonly error: number; readonly isInside: boolean };

/** One baker's bakes: how each next one was missed, before and after learning. */
function baker(random: () => number, choices: readonly number[]): readonly Missed[] {
  const normal = (sigma: number): number => randomNormal.source(random)(0, sigma)();
  const oven = normal(SIGMA_OVEN_C);
  const recipe = normal(SIGMA_RECIPE);
  const ofTin = TINS.map(() => normal(SIGMA_TIN));
  const own = choices[0] ?? 0;
  const log: BakeMade[] = [];
  const missed: Missed[] = [];
  for (let bake = 0; bake <= BAKES; bake += 1) {
    const tin = choices[Math.floor(random() * choices.length)] ?? 0;
    const wanted =
      solvedLog(tin, OVEN_C + oven) -
      solvedLog(own, OVEN_C) -
      ((closedLog[tin] ?? 0) - (closedLog[own] ?? 0)) +
      recipe +
      (ofTin[tin] ?? 0) -
      (ofTin[own] ?? 0);
    const place = placeOf(tin, own);
    const [learnt] = learntFrom(log, [place]).ratios;
    const { logRatio, sd } = learnt ?? { logRatio: 0, sd: 0.2 };
    // As it comes out: what it wants, give or take what no two bakes share.
    const actual = wanted + normal(SIGMA_BAKE);
    missed.push({
      error: Math.exp(logRatio - wanted) - 1,
      isInside: Math.abs(actual - logRatio) <= 1.2816 * Math.hypot(sd, SIGMA_BAKE),
    });
    const isWild = random() < WILD;
    if (isWild || random() < RIGHT)
      log.push({
        ...place,
        logRatio: actual + (isWild ? normal(SIGMA_WILD) : 0),
        verdict: "right",
      });
    else log.push({ ...place, logRatio, verdict: actual > logRatio ? "under" : "over" });
  }
  return missed;
}

const SHOWN = [0, 1, 3, 5, 10];
function row(name: string, choicesFor: (random: () => number) => readonly number[]): string {
  const random = randomLcg(SEED);
  const all = Array.from({ length: BAKERS }, () => baker(random, choicesFor(random)));
  const rms = SHOWN.map((bake) => {
    const errors = all.map((each) => each[bake]?.error ?? 0);
    return Math.sqrt(errors.reduce((sum, error) => sum + error ** 2, 0) / errors.length);
  });
  const later = all.flatMap((each) => each.slice(1));
  const inside = later.filter(({ isInside }) => isInside).length / later.length;
  return `| ${name} | ${rms.map((each) => (100 * each).toFixed(1)).join(" | ")} | ${(100 * inside).toFixed(0)} % |`;
}

const shuffled = (random: () => number): readonly number[] =>
  TINS.map((_, at) => [random(), at] as const)
    .sort(([a], [b]) => a - b)
    .map(([, at]) => at);

const text = [
  "# What a log of bakes teaches",
  "",
  `Written by \`npm run learn\`: ${BAKERS} simulated bakers with an oven off by 8 °C (σ), a recipe by 12 % and each tin by 8 %; ${100 * RIGHT} % of their bakes are judged right, the others only too short or too long, ${100 * WILD} % are misread grossly. What a bake wants is the solver's, the forecast the closed form's.`,
  "",
  "Error of the next bake's minutes, rms in %, after so many bakes, and how often what came was within the band that should hold four in five:",
  "",
  `| bakes in | ${SHOWN.map((bake) => `after ${bake}`).join(" | ")} | in the 80 % band |`,
  `|---|${SHOWN.map(() => "---|").join("")}---|`,
  row("any of 14 tins", shuffled),
  row("the same 3 tins", (random) => shuffled(random).slice(0, 3)),
  "",
].join("\n");
writeFileSync("docs/learning.md", text);
console.log(text);
