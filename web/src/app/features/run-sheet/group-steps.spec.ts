import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, type Job } from '@lift-bare/core';
import { groupSteps } from './group-steps';

const { steps } = planJob(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE);

test('groups hold every step once, in order, one group a stage, with the hands of its steps', () => {
  const groups = groupSteps(steps);
  expect(groups.map(({ stage }) => stage)).toEqual(['set-up', 'strip', 'bare', 'build', 'finish']);
  expect(groups.flatMap((group) => group.steps)).toEqual(steps);
  const hands = groups.reduce((sum, { hand }) => sum + hand, 0);
  expect(hands).toBeCloseTo(
    steps.reduce((sum, { hand }) => sum + hand, 0),
    9,
  );
});

test('no steps, no groups', () => expect(groupSteps([])).toEqual([]));
