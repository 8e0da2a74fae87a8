/**
 * Solves H · s = g for a symmetric positive definite H of 2×2 blocks: `diagonal` holds (a, b, c) of
 * [[a, b], [b, c]] per block, `off` the full block between neighbours i and i + 1 (row i, column i + 1).
 * Block Cholesky without square roots (Golub & Van Loan, "Matrix Computations", §4.5.1, block
 * tridiagonal systems). Returns false, with `s` undefined, when H is not positive definite.
 * Cost: O(blocks), no allocation beyond two work rows.
 */
export function solveBlockTridiagonal(
  diagonal: Float64Array,
  off: Float64Array,
  g: Float64Array,
  s: Float64Array,
): boolean {
  const n = diagonal.length / 3;
  // Inverse of each pivot block and the eliminated right-hand side.
  const inverse = new Float64Array(3 * n);
  const y = new Float64Array(2 * n);
  let a = diagonal[0] ?? 0;
  let b = diagonal[1] ?? 0;
  let c = diagonal[2] ?? 0;
  let y0 = g[0] ?? 0;
  let y1 = g[1] ?? 0;
  for (let i = 0; ; i++) {
    const det = a * c - b * b;
    if (!(a > 0) || !(det > 1e-300)) return false;
    const ia = c / det;
    const ib = -b / det;
    const ic = a / det;
    inverse[3 * i] = ia;
    inverse[3 * i + 1] = ib;
    inverse[3 * i + 2] = ic;
    y[2 * i] = y0;
    y[2 * i + 1] = y1;
    if (i === n - 1) break;
    const o00 = off[4 * i] ?? 0;
    const o01 = off[4 * i + 1] ?? 0;
    const o10 = off[4 * i + 2] ?? 0;
    const o11 = off[4 * i + 3] ?? 0;
    // T = P⁻¹ · O; next pivot = D − Oᵀ · T; next right-hand side = g − Tᵀ · y.
    const t00 = ia * o00 + ib * o10;
    const t01 = ia * o01 + ib * o11;
    const t10 = ib * o00 + ic * o10;
    const t11 = ib * o01 + ic * o11;
    a = (diagonal[3 * i + 3] ?? 0) - (o00 * t00 + o10 * t10);
    b = (diagonal[3 * i + 4] ?? 0) - (o00 * t01 + o10 * t11);
    c = (diagonal[3 * i + 5] ?? 0) - (o01 * t01 + o11 * t11);
    const n0 = (g[2 * i + 2] ?? 0) - (t00 * y0 + t10 * y1);
    const n1 = (g[2 * i + 3] ?? 0) - (t01 * y0 + t11 * y1);
    y0 = n0;
    y1 = n1;
  }
  let s0 = 0;
  let s1 = 0;
  for (let i = n - 1; i >= 0; i--) {
    let r0 = y[2 * i] ?? 0;
    let r1 = y[2 * i + 1] ?? 0;
    if (i < n - 1) {
      r0 -= (off[4 * i] ?? 0) * s0 + (off[4 * i + 1] ?? 0) * s1;
      r1 -= (off[4 * i + 2] ?? 0) * s0 + (off[4 * i + 3] ?? 0) * s1;
    }
    const ia = inverse[3 * i] ?? 0;
    const ib = inverse[3 * i + 1] ?? 0;
    const ic = inverse[3 * i + 2] ?? 0;
    s0 = ia * r0 + ib * r1;
    s1 = ib * r0 + ic * r1;
    s[2 * i] = s0;
    s[2 * i + 1] = s1;
  }
  return true;
}
