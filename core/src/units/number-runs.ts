/**
 * Numbers with runs put together, over gaps in which only `skipped` numbers lie.
 * @example numberRuns([1, 2, 3, 7, 9, 10]) // "1 to 3, 7, 9, 10"
 * @example numberRuns([1, 2, 3, 7, 9, 10], new Set([8])) // "1 to 3, 7 to 10"
 */
export function numberRuns(numbers: readonly number[], skipped: ReadonlySet<number> = NONE): string {
  const sorted = [...new Set(numbers)].sort((a, b) => a - b);
  const runs: [first: number, last: number][] = [];
  for (const n of sorted) {
    const run = runs.at(-1);
    if (run && joins(run[1], n, skipped)) run[1] = n;
    else runs.push([n, n]);
  }
  return runs.map(([first, last]) => (last - first > 1 ? `${first} to ${last}` : first === last ? `${first}` : `${first}, ${last}`)).join(', ');
}

const NONE: ReadonlySet<number> = new Set();

function joins(last: number, next: number, skipped: ReadonlySet<number>): boolean {
  for (let between = last + 1; between < next; between++) if (!skipped.has(between)) return false;
  return true;
}
