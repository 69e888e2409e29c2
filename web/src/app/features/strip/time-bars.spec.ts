import type { StripPlan } from '@lift-bare/core';
import { timeBars } from './time-bars';

const plan = (workingLife: number): StripPlan => ({
  stripper: 'chem.fast-solvent',
  pace: 1,
  film: 2.5,
  driesFirst: 0.1,
  temperature: 20,
  laid: 2.5,
  brushed: false,
  reach: 2,
  blockedBy: null,
  patches: 0,
  earlier: 0,
  broken: false,
  covered: false,
  between: 'straight-on',
  section: 1,
  sections: 1,
  litres: 1,
  waste: 1,
  hand: 1,
  wait: 1,
  workingLife,
  rounds: [
    { dwell: { first: 10, likely: 20, late: 40 }, depth: 50, lifts: ['Alkyd enamel', 'Alkyd enamel'] },
    { dwell: { first: 5, likely: 8, late: 12 }, depth: 20, lifts: [] },
  ],
});

test('all rounds share one axis and every mark stays on it', () => {
  const [first, second] = timeBars(plan(25));
  expect((first?.likely ?? 0) / (second?.likely ?? 1)).toBeCloseTo(20 / 8, 9);
  for (const bar of timeBars(plan(5000))) expect(Math.max(bar.from + bar.width, bar.likely, bar.dry)).toBeLessThanOrEqual(100);
});

test('what a round lifts is counted', () => expect(timeBars(plan(25)).map(({ lifts }) => lifts)).toEqual(['2 × alkyd enamel', '']));
