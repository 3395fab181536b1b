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
  const size = rows[0]?.terms.length ?? 0;
  const normal = Array.from({ length: size }, (_, i) => [
    ...Array.from({ length: size }, (__, j) =>
      rows.reduce((sum, { terms }) => sum + (terms[i] ?? 0) * (terms[j] ?? 0), 0),
    ),
    rows.reduce((sum, { terms, wanted }) => sum + (terms[i] ?? 0) * wanted, 0),
  ]);
  return solveLinear(normal);
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

/** Gauss with pivoting on rows [a…, y]. */
function solveLinear(rows: readonly (readonly number[])[]): readonly number[] {
  const work = rows.map((row) => [...row]);
  const size = work.length;
  for (let column = 0; column < size; column += 1) {
    const pivot = work
      .slice(column)
      .reduce(
        (best, row, at) =>
          Math.abs(row[column] ?? 0) > Math.abs(work[best]?.[column] ?? 0) ? column + at : best,
        column,
      );
    const [from, to] = [work[column], work[pivot]];
    if (from === undefined || to === undefined) continue;
    work[column] = to;
    work[pivot] = from;
    for (const row of work) {
      if (row === to) continue;
      const factor = (row[column] ?? 0) / (to[column] ?? 1);
      for (let at = column; at <= size; at += 1) row[at] = (row[at] ?? 0) - factor * (to[at] ?? 0);
    }
  }
  return work.map((row, index) => (row[size] ?? 0) / (row[index] ?? 1));
}
