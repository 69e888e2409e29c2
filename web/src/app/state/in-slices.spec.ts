import { inSlices } from './in-slices';

function* counting(to: number): Generator<void, number> {
  for (let i = 0; i < to; i += 1) yield;
  return to;
}

/** A clock on which every look takes `step` ms, and a queue for what is put off. */
function turns(step: number) {
  let time = 0;
  const queue: (() => void)[] = [];
  return { now: () => (time += step), later: (work: () => void) => queue.push(work), queue };
}

test('short work is done at once', () => {
  const results: number[] = [];
  inSlices(counting(5), (result) => results.push(result), turns(1));
  expect(results).toEqual([5]);
});

test('long work goes on in later slices and ends once', () => {
  const results: number[] = [];
  const clock = turns(5);
  inSlices(counting(20), (result) => results.push(result), clock);
  expect(results).toEqual([]);
  let slices = 1;
  while (clock.queue.length > 0) {
    clock.queue.shift()?.();
    slices += 1;
  }
  expect(results).toEqual([20]);
  expect(slices).toBeGreaterThan(4);
});

test('work that is given up says nothing', () => {
  const results: number[] = [];
  const clock = turns(50);
  const giveUp = inSlices(counting(3), (result) => results.push(result), clock);
  giveUp();
  clock.queue.forEach((slice) => slice());
  expect(results).toEqual([]);
});
