import { jointOf, STATE_TROUBLE, type JointState } from './compatibility.ts';
import type { Family, Lower } from './families.ts';

/** One film that a user lays on, and how the film below it is then. */
export interface ProposedFilm {
  readonly family: Family;
  readonly name: string;
  readonly state: JointState;
}

export interface StackAnswer {
  readonly upper: string;
  readonly lower: string;
  readonly verdict: 'holds' | 'not-in-this-state' | 'never';
  readonly code: string;
  readonly reason: string;
  /** states in which it would hold */
  readonly states: readonly JointState[];
}

/** Each joint of a stack that a user has composed, from the surface up. */
export function checkStack(surface: { readonly lower: Lower; readonly name: string }, films: readonly ProposedFilm[]): StackAnswer[] {
  let below = surface;
  return films.map(({ family, name, state }) => {
    const { states, code, reason } = jointOf(family, below.lower);
    const holds = states.includes(state);
    const answer: StackAnswer = {
      upper: name,
      lower: below.name,
      verdict: holds ? 'holds' : states.length === 0 ? 'never' : 'not-in-this-state',
      code,
      reason: holds || states.length === 0 ? reason : (STATE_TROUBLE[state] ?? reason),
      states,
    };
    below = { lower: family, name };
    return answer;
  });
}
