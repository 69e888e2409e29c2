/** ms that a slice of work may hold up the page. */
const SLICE = 12;

/** Where the next slice is put, and what the time is; replaced in tests. */
export interface Turns {
  readonly now: () => number;
  readonly later: (work: () => void) => unknown;
}
const BROWSER: Turns = { now: () => performance.now(), later: (work) => setTimeout(work) };

/** Runs work to its end without holding up the page: what fits in the first slice is done at once. Answers a function that gives the rest up. */
export function inSlices<T>(work: Generator<unknown, T>, done: (result: T) => void, { now, later }: Turns = BROWSER): () => void {
  let given = false;
  const slice = (): void => {
    const start = now();
    while (!given) {
      const step = work.next();
      if (step.done) return done(step.value);
      if (now() - start > SLICE) {
        later(slice);
        return;
      }
    }
  };
  slice();
  return () => {
    given = true;
  };
}
