/**
 * Solves a small square set of linear equations by elimination with the largest pivot. Undefined when singular.
 * @example solveLinear([[2, 0], [0, 4]], [2, 2]) // [1, 0.5]
 */
export function solveLinear(
  matrix: readonly (readonly number[])[],
  right: readonly number[],
): readonly number[] | undefined {
  const n = right.length;
  const rows = matrix.map((row, i) => [...row, right[i] ?? 0]);
  const cell = (r: number, c: number): number => rows[r]?.[c] ?? 0;
  for (let c = 0; c < n; c++) {
    let best = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(cell(r, c)) > Math.abs(cell(best, c))) best = r;
    const pivotRow = rows[best];
    if (pivotRow === undefined || Math.abs(cell(best, c)) < Number.MIN_VALUE * 1e16) return undefined;
    rows[best] = rows[c] ?? pivotRow;
    rows[c] = pivotRow;
    for (let r = c + 1; r < n; r++) {
      const factor = cell(r, c) / cell(c, c);
      if (factor !== 0) rows[r] = (rows[r] ?? []).map((v, k) => (k < c ? v : v - factor * cell(c, k)));
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let r = n - 1; r >= 0; r--) {
    let sum = cell(r, n);
    for (let c = r + 1; c < n; c++) sum -= cell(r, c) * (x[c] ?? 0);
    x[r] = sum / cell(r, r);
  }
  return x.every(Number.isFinite) ? x : undefined;
}
