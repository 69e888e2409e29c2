/** What is used of the ODE solver; the package ships its source, which is not written for strict checks. */
export class Solver {
  constructor(dimension: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  solve(slope: (t: number, y: number[]) => number[], from: number, start: number[], to: number): { readonly y: number[] };
}
