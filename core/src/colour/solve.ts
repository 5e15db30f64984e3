/**
 * Solves a small square system by elimination with the largest pivot; `matrix` is used up.
 * @throws RangeError when it has no single answer.
 */
// eslint-disable-next-line complexity -- loops over a matrix; each ?? only satisfies the types
export function solve(matrix: number[][], right: readonly number[]): number[] {
  const size = right.length;
  const rows = matrix.map((row, i) => [...row, right[i] ?? 0]);
  for (let column = 0; column < size; column++) {
    let best = column;
    for (let i = column + 1; i < size; i++) if (Math.abs(at(rows, i, column)) > Math.abs(at(rows, best, column))) best = i;
    const pivotRow = rows[best] ?? [];
    if (Math.abs(pivotRow[column] ?? 0) < 1e-14) throw new RangeError('matrix must not be singular');
    rows[best] = rows[column] ?? [];
    rows[column] = pivotRow;
    for (let i = column + 1; i < size; i++) {
      const row = rows[i] ?? [];
      const share = (row[column] ?? 0) / (pivotRow[column] ?? 1);
      if (share !== 0) for (let j = column; j <= size; j++) row[j] = (row[j] ?? 0) - share * (pivotRow[j] ?? 0);
    }
  }
  const answer = new Array<number>(size).fill(0);
  for (let i = size - 1; i >= 0; i--) {
    let sum = at(rows, i, size);
    for (let j = i + 1; j < size; j++) sum -= at(rows, i, j) * (answer[j] ?? 0);
    answer[i] = sum / at(rows, i, i);
  }
  return answer;
}

const at = (rows: readonly (readonly number[])[], i: number, j: number): number => rows[i]?.[j] ?? 0;
