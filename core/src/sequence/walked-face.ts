import type { Finding } from '../model/finding.ts';
import type { Raised } from '../model/operation.ts';
import { missingKit } from '../safety/missing-kit.ts';
import { raisedBy } from '../safety/raised-by.ts';
import type { FaceInput } from './face-input.ts';
import { faceWork } from './face-work.ts';
import { FACT_WORDS } from './fact-words.ts';
import { chainOf, type Chain } from './chain.ts';
import { walkFace, type Unmet } from './walk.ts';
import { checkWindows, type Pieces } from './windows.ts';

/** A face with what was answered about it and its own walk; made anew only when the zone changes. */
export interface WalkedFace {
  readonly input: FaceInput;
  readonly chain: Chain;
  /** by the id of a step */
  readonly raises: ReadonlyMap<string, readonly Raised[]>;
  readonly pieces: readonly Pieces[];
  readonly findings: readonly Finding[];
}

/** Walks one face and holds its clocks against what it takes. */
export function walkedFace(input: FaceInput): WalkedFace {
  const work = faceWork(input);
  const { steps, unmet } = walkFace(work);
  const { pieces, findings } = checkWindows(input, steps);
  const raises = new Map(steps.map(({ id, task, takes }) => [id, raisedBy(input, task, takes)]));
  return {
    input,
    chain: chainOf(work, steps),
    raises,
    pieces,
    findings: [...unmet.map((need) => unmetFinding(input, need)), ...findings, ...missingKit(input, steps, raises)],
  };
}

function unmetFinding({ facts }: FaceInput, { fact, by }: Unmet): Finding {
  return {
    code: 'need-unmet',
    severity: 'stop',
    path: facts.path,
    title: `Nothing brings it about that ${FACT_WORDS[fact]}`,
    reason: `“${by.title}” needs it, and no step of this zone gives it.`,
    basis: { kind: 'practice', source: 'common practice, no source' },
    looksAt: ['all that is entered for this zone'],
    change: 'Another method, another finish, or a split of the zone.',
  };
}
