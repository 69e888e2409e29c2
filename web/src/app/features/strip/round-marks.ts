import type { StripPlan } from '@lift-bare/core';
import type { DepthMark } from '../../ui/section/section-picture';

/** How deep each round gets, as lines across the section. */
export function roundMarks(rounds: StripPlan['rounds']): DepthMark[] {
  let depth = 0;
  return rounds.map((round, i) => {
    depth += round.depth;
    return { depth, label: `round ${i + 1}` };
  });
}
