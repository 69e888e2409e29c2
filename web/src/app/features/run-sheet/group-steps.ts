import type { Operation } from '@lift-bare/core';

export interface StepGroup {
  readonly stage: Operation['stage'];
  readonly steps: readonly Operation[];
  readonly hand: number;
}

/** So many of the steps, in the groups that they stand in. */
export function firstSteps(groups: readonly StepGroup[], count: number): StepGroup[] {
  let left = count;
  const first: StepGroup[] = [];
  for (const group of groups) {
    if (left <= 0) break;
    first.push({ ...group, steps: group.steps.slice(0, left) });
    left -= group.steps.length;
  }
  return first;
}

/** Consecutive operations of one stage together; a batch that is primed before the next is bared shows as Bare, Build, Bare, Build. */
export function groupSteps(operations: readonly Operation[]): StepGroup[] {
  const groups: { stage: Operation['stage']; steps: Operation[]; hand: number }[] = [];
  for (const step of operations) {
    const last = groups.at(-1);
    if (last?.stage === step.stage) {
      last.steps.push(step);
      last.hand += step.hand;
    } else groups.push({ stage: step.stage, steps: [step], hand: step.hand });
  }
  return groups;
}
