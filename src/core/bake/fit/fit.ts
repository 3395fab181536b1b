import { Matrix, solve } from "ml-matrix";
import { closedFormTerms, type BakeCase } from "../closed-form";
import { solvedMinutes } from "../solver/tin-case";

/** A simulated bake: its case and its minutes by the solver, finite. */
export type Simulated = { readonly bake: BakeCase; readonly minutes: number };

/** How a closed form misses simulated bakes, as logarithms: 0.05 is about 5 %. */
export type FitError = { readonly rms: number; readonly worst: number; readonly mean: number };

/** Bakes solved; those that never set are left out. */
export function simulated(bakes: readonly BakeCase[]): readonly Simulated[] {
  return bakes
    .map((bake) => ({ bake, minutes: solvedMinutes(bake) }))
    .filter(({ minutes }) => Number.isFinite(minutes));
}

/**
 * The coefficients that miss simulated bakes least, by least squares on the logarithms of minutes.
 */
export function fittedCoefficients(bakes: readonly Simulated[]): readonly number[] {
  const rows = bakes.map(({ bake, minutes }) => {
    const { lumped, terms } = closedFormTerms(bake);
    return { terms, wanted: Math.log(minutes) - lumped };
  });
  const terms = new Matrix(rows.map((row) => [...row.terms]));
  const wanted = Matrix.columnVector(rows.map((row) => row.wanted));
  return solve(terms, wanted).to1DArray();
}

/** How coefficients miss simulated bakes. */
export function fitError(bakes: readonly Simulated[], coefficients: readonly number[]): FitError {
  const logs = bakes.map(({ bake, minutes }) => {
    const { lumped, terms } = closedFormTerms(bake);
    return (
      terms.reduce((sum, term, index) => sum + term * (coefficients[index] ?? 0), lumped) -
      Math.log(minutes)
    );
  });
  return {
    rms: Math.sqrt(logs.reduce((sum, log) => sum + log * log, 0) / logs.length),
    worst: Math.max(...logs.map(Math.abs)),
    mean: logs.reduce((sum, log) => sum + log, 0) / logs.length,
  };
}
