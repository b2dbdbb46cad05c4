/**
 * The lower Cholesky factor of a symmetric positive definite matrix, row by row (Golub and Van Loan, Matrix Computations,
 * 4th ed., §4.2). Null when the matrix is not positive definite.
 */
export function cholesky(a: Float64Array, n: number): Float64Array | null {
  const l = new Float64Array(n * n);
  for (let i = 0; i < n; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = a[i * n + j]!;
      for (let k = 0; k < j; k++) sum -= l[i * n + k]! * l[j * n + k]!;
      if (i === j) {
        if (!(sum > 0)) return null;
        l[i * n + i] = Math.sqrt(sum);
      } else l[i * n + j] = sum / l[j * n + j]!;
    }
  }
  return l;
}

/** Solves L x = b for a lower triangular L, into `x` (which may be b itself). */
export function solveLower(l: Float64Array, n: number, b: Float64Array, x: Float64Array): void {
  for (let i = 0; i < n; i++) {
    let sum = b[i]!;
    for (let k = 0; k < i; k++) sum -= l[i * n + k]! * x[k]!;
    x[i] = sum / l[i * n + i]!;
  }
}

/** Solves Lᵀ x = b, into `x` (which may be b itself). */
export function solveUpper(l: Float64Array, n: number, b: Float64Array, x: Float64Array): void {
  for (let i = n - 1; i >= 0; i--) {
    let sum = b[i]!;
    for (let k = i + 1; k < n; k++) sum -= l[k * n + i]! * x[k]!;
    x[i] = sum / l[i * n + i]!;
  }
}
