import type { Operation } from '@lift-bare/core';

export interface StepGroup {
  readonly stage: Operation['stage'];
  readonly steps: readonly Operation[];
  readonly hand: number;
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
