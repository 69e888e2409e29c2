import * as z from 'zod';

/** Points on which sound practitioners disagree; the shop picks a side. The first side of each is the default. */
const SIDES = {
  S1: ['keep-sound', 'always-bare'],
  S2: ['leave', 'agitate'],
  S3: ['closed-only', 'never'],
  S4: ['by-chemistry', 'always', 'never'],
  S5: ['by-chemistry', 'rinse-and-dry', 'straight-on'],
  S6: ['thick', 'thin'],
  S7: ['by-working-life', 'small', 'whole'],
  L1: ['plastic-only', 'brass-allowed', 'nonwoven-allowed'],
  L2: ['soft-media', 'never'],
  B1: ['within-limit', 'never'],
  C1: ['full-sequence', 'water-only'],
  C2: ['same-day', 'hold-film'],
  C3: ['clean-sand-clean', 'sand-clean'],
  C4: ['specks-on-castings', 'no-speck'],
  K1: ['by-film', 'coarse', 'fine'],
  P1: ['epoxy-direct', 'etch-surfacer'],
  P2: ['match-pack', 'data-sheet'],
  P3: ['promoter', 'flame', 'both'],
  P4: ['full-day', 'label'],
  P5: ['mask', 'wipe', 'leave'],
  P6: ['same-maker', 'mix'],
  W1: ['two-days', 'one-day', 'week'],
  W2: ['margin', 'strict'],
  W3: ['light', 'heavy'],
  M1: ['take-off', 'mask'],
  M2: ['hang', 'lay'],
  X1: ['edge', 'fade'],
  F1: ['data-sheet', 'strip'],
  F2: ['on-metal', 'on-epoxy'],
  R1: ['by-size', 'caustic', 'slow-gel', 'bath', 'electrolysis', 'blast'],
} as const;

export type SchoolId = keyof typeof SIDES;
export type Side<K extends SchoolId> = (typeof SIDES)[K][number];

/** A side that is not named in a document is the default. */
const side = <const T extends readonly [string, ...string[]]>(sides: T) => z.enum(sides).default(sides[0] as never);

export const Schools = z.strictObject({
  S1: side(SIDES.S1),
  S2: side(SIDES.S2),
  S3: side(SIDES.S3),
  S4: side(SIDES.S4),
  S5: side(SIDES.S5),
  S6: side(SIDES.S6),
  S7: side(SIDES.S7),
  L1: side(SIDES.L1),
  L2: side(SIDES.L2),
  B1: side(SIDES.B1),
  C1: side(SIDES.C1),
  C2: side(SIDES.C2),
  C3: side(SIDES.C3),
  C4: side(SIDES.C4),
  K1: side(SIDES.K1),
  P1: side(SIDES.P1),
  P2: side(SIDES.P2),
  P3: side(SIDES.P3),
  P4: side(SIDES.P4),
  P5: side(SIDES.P5),
  P6: side(SIDES.P6),
  W1: side(SIDES.W1),
  W2: side(SIDES.W2),
  W3: side(SIDES.W3),
  M1: side(SIDES.M1),
  M2: side(SIDES.M2),
  X1: side(SIDES.X1),
  F1: side(SIDES.F1),
  F2: side(SIDES.F2),
  R1: side(SIDES.R1),
});
export type Schools = z.infer<typeof Schools>;

export const DEFAULT_SCHOOLS: Schools = Schools.parse({});
