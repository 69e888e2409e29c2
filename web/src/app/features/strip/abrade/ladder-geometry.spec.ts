import type { AbradePlan } from '@lift-bare/core';
import { drawLadder } from './ladder-geometry';

const step = (grit: 'P80' | 'P180', scratch: number) => ({ grit, scratch }) as AbradePlan['steps'][number];
const plan = (film: number | null): Pick<AbradePlan, 'steps' | 'burial'> => ({
  steps: [step('P80', 67), step('P180', 27)],
  burial: film === null ? null : { scratch: 27, film, buried: true },
});
/** y of the deepest point of a zigzag. */
const deepest = (path: string): number => Math.max(...[...path.matchAll(/[ML]-?[\d.]+ (-?[\d.]+)/g)].map(([, y]) => Number(y)));

test('scratches and the film over the last are drawn to one scale', () => {
  const { grits, face, film } = drawLadder(plan(154), 680, 170);
  const [first, last] = grits.map(({ path }) => deepest(path) - face);
  expect((first ?? 0) / (last ?? 1)).toBeCloseTo(67 / 27, 1);
  expect((face - (film?.top ?? 0)) / (first ?? 1)).toBeCloseTo(154 / 67, 1);
  expect(film?.half).toBeCloseTo((face + (film?.top ?? 0)) / 2, 6);
  expect(film?.x).toBe(grits[1]?.x);
});

test('everything stays within the picture, with and without a film', () => {
  for (const film of [null, 20, 900])
    for (const { x, width, path } of drawLadder(plan(film), 680, 170).grits) {
      expect(x + width).toBeLessThanOrEqual(680);
      expect(deepest(path)).toBeLessThanOrEqual(170);
    }
  expect(drawLadder(plan(null), 680, 170).film).toBeNull();
});
