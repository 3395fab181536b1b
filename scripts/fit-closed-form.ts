// Fits the closed form to the solver: `npm run fit` prints coefficients and errors, and writes
// docs/closed-form.md.
import { writeFileSync } from "node:fs";
import { randomLcg } from "d3-random";
import { COEFFICIENTS } from "../src/core/bake/closed-form";
import {
  fitError,
  fittedCoefficients,
  simulated,
  type FitError,
  type Simulated,
} from "../src/core/bake/fit/fit";
import { randomBakes } from "../src/core/bake/fit/random-bakes";

const FITTED_ON = 500;
const TRIED_ON = 200;

const fitted = simulated(randomBakes(FITTED_ON, randomLcg(0.1)));
const tried = simulated(randomBakes(TRIED_ON, randomLcg(0.7)));
const best = fittedCoefficients(fitted);
const percent = (log: number): string => `${(100 * log).toFixed(1)} %`;
const line = (name: string, { rms, worst, mean }: FitError): string =>
  `| ${name} | ${percent(rms)} | ${percent(worst)} | ${percent(mean)} |`;
const ofShape = (shape: string): readonly Simulated[] =>
  tried.filter(({ bake }) => bake.geometry.tin.shape === shape);

const text = [
  "# The closed form against the solver",
  "",
  `Written by \`npm run fit\`: ${fitted.length} simulated bakes to fit, ${tried.length} others to try it on. Errors are of the logarithm of minutes. The coefficients in use stay while a refit gains less than half a per cent on bakes it was not fitted to.`,
  "",
  "| coefficients, bakes | rms | worst | mean |",
  "|---|---|---|---|",
  line("those in use, the fitted bakes", fitError(fitted, COEFFICIENTS)),
  line("those in use, the other bakes", fitError(tried, COEFFICIENTS)),
  line("best for the fitted bakes, the other bakes", fitError(tried, best)),
  ...["round", "square", "rectangle", "loaf", "fluted", "tube", "well"].map((shape) =>
    line(`those in use, other bakes in ${shape} tins`, fitError(ofShape(shape), COEFFICIENTS)),
  ),
  "",
  `Best for the fitted bakes: ${best.map((each) => each.toFixed(4)).join(", ")}`,
  "",
].join("\n");
writeFileSync("docs/closed-form.md", text);
console.log(text);
