import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, type Job } from '@lift-bare/core';
import { firstSteps, groupSteps } from './group-steps';

const { operations } = planJob(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE);

test('groups hold every operation once, in order, no two neighbours of one stage, with the hands of their operations', () => {
  const groups = groupSteps(operations);
  expect(groups[0]?.stage).toBe('set-up');
  expect(groups.at(-1)?.stage).toBe('finish');
  groups.slice(1).forEach(({ stage }, i) => expect(stage).not.toBe(groups[i]?.stage));
  expect(groups.flatMap((group) => group.steps)).toEqual(operations);
  const hands = groups.reduce((sum, { hand }) => sum + hand, 0);
  expect(hands).toBeCloseTo(
    operations.reduce((sum, { hand }) => sum + hand, 0),
    9,
  );
});

test('no operations, no groups', () => expect(groupSteps([])).toEqual([]));

test('the first steps keep their groups and the hands of whole ones; all of them are all', () => {
  const groups = groupSteps(planJob(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE).operations);
  const [one, two] = groups;
  const upTo = (one?.steps.length ?? 0) + 1;
  expect(firstSteps(groups, upTo)).toEqual([one, { ...two, steps: two?.steps.slice(0, 1) }]);
  expect(firstSteps(groups, 0)).toEqual([]);
  expect(firstSteps(groups, Infinity)).toEqual(groups);
});
