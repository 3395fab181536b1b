// Small symmetric systems, written out: a package for them would weigh more than the bench's bundle
// may grow.

/** A lower triangle, row by row. */
export type Triangle = readonly (readonly number[])[];

/**
 * The Cholesky triangle L of a symmetric positive definite matrix, L·Lᵀ = matrix.
 * @throws RangeError where the matrix is none
 */
export function cholesky(matrix: readonly (readonly number[])[]): Triangle {
  const lower: number[][] = [];
  for (const [row, values] of matrix.entries()) {
    const own: number[] = [];
    for (let column = 0; column <= row; column += 1) {
      const other = column === row ? own : (lower[column] ?? []);
      let sum = values[column] ?? 0;
      for (let at = 0; at < column; at += 1) sum -= (own[at] ?? 0) * (other[at] ?? 0);
      if (column === row && !(sum > 0)) throw new RangeError("not positive definite");
      own.push(column === row ? Math.sqrt(sum) : sum / (other[column] ?? 1));
    }
    lower.push(own);
  }
  return lower;
}

/** The x of L·Lᵀ·x = right. */
export function solved(lower: Triangle, right: readonly number[]): number[] {
  const size = lower.length;
  const x = [...right];
  for (let row = 0; row < size; row += 1) {
    const own = lower[row] ?? [];
    let sum = x[row] ?? 0;
    for (let at = 0; at < row; at += 1) sum -= (own[at] ?? 0) * (x[at] ?? 0);
    x[row] = sum / (own[row] ?? 1);
  }
  for (let row = size - 1; row >= 0; row -= 1) {
    let sum = x[row] ?? 0;
    for (let at = row + 1; at < size; at += 1) sum -= (lower[at]?.[row] ?? 0) * (x[at] ?? 0);
    x[row] = sum / (lower[row]?.[row] ?? 1);
  }
  return x;
}
