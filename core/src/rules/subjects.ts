import type { Finish } from '../catalogue/finishes.ts';
import type { Method } from '../catalogue/methods.ts';
import type { Ground, Primer } from '../catalogue/primers.ts';
import type { StripOutcome } from '../chemical/strip-plan.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Rule } from './rule.ts';

/** A method, held against a zone. */
export interface MethodSubject {
  readonly zone: ZoneFacts;
  readonly method: Method;
  /** What the softening model says; null for other families. */
  readonly strip: StripOutcome | null;
}
export interface MethodRule extends Rule<MethodSubject> {
  /** the only family of methods that it can speak about; all of them when left out */
  readonly family?: Method['family'];
}

/** A primer, held against the surface it would lie on and the finish above it. */
export interface PrimerSubject {
  readonly zone: ZoneFacts;
  readonly primer: Primer;
  readonly ground: Ground;
  readonly finish: Finish;
  readonly method: Method | null;
  /** Acid film left on the metal. */
  readonly acidLive: boolean;
}
export type PrimerRule = Rule<PrimerSubject>;

/** A topcoat, held against a zone. */
export interface FinishSubject {
  readonly zone: ZoneFacts;
  readonly finish: Finish;
}
export type FinishRule = Rule<FinishSubject>;
