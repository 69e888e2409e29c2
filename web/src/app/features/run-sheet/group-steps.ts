import type { RunStep } from '@lift-bare/core';

export interface StepGroup {
  readonly stage: RunStep['stage'];
  readonly steps: readonly RunStep[];
  readonly hand: number;
}

/** Consecutive steps of one stage together. */
export function groupSteps(steps: readonly RunStep[]): StepGroup[] {
  const groups: { stage: RunStep['stage']; steps: RunStep[]; hand: number }[] = [];
  for (const step of steps) {
    const last = groups.at(-1);
    if (last?.stage === step.stage) {
      last.steps.push(step);
      last.hand += step.hand;
    } else groups.push({ stage: step.stage, steps: [step], hand: step.hand });
  }
  return groups;
}
