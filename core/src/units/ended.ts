/** Runs work that may be held up to its end. */
export function ended<T>(work: Generator<unknown, T>): T {
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}
