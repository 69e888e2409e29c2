import type { Target } from './job.ts';

/** Whether two targets ask for the same; two that stop at a layer must stop at the same one. */
export const sameTarget = (a: Target, b: Target): boolean =>
  a.kind === b.kind && !(a.kind === 'down-to' && b.kind === 'down-to' && a.layer !== b.layer);
