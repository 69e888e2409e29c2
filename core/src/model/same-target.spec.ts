import type { Target } from './job.ts';
import { sameTarget } from './same-target.ts';

const TARGETS: readonly Target[] = [{ kind: 'bare' }, { kind: 'keep' }, { kind: 'down-to', layer: 'a' }, { kind: 'down-to', layer: 'b' }];

test('a target is the same as itself and as no other, whichever way round', () => {
  for (const [i, a] of TARGETS.entries())
    for (const [j, b] of TARGETS.entries()) {
      expect(sameTarget(a, { ...b })).toBe(i === j);
      expect(sameTarget(a, b)).toBe(sameTarget(b, a));
    }
});
