import type { AbradePlan } from '../model/abrade-plan.ts';

/** min/m² of each polishing step; model assumption. */
const MINUTES = { cut: 25, finish: 15, wipe: 6 } as const;

/** Bare metal from the last paper to a shine; common practice, no source. */
export const polishSteps = (area: number): AbradePlan['polish'] => [
  {
    title: 'Cut with a wool pad',
    detail: 'Section of 30 × 30 cm, a little compound, low speed first, then higher; keep the compound wet, it must not dry on the metal.',
    hand: MINUTES.cut * area,
  },
  {
    title: 'Finish with a fresh pad',
    detail: 'Fine compound, light, long strokes along the piece; no pad that has seen another metal.',
    hand: MINUTES.finish * area,
  },
  { title: 'Wipe the black off', detail: 'Clean soft cloth, turned often, until it stays white; then seal or wax.', hand: MINUTES.wipe * area },
];
