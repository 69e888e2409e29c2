import type { BlastMethod } from '../../blast/plan-blast.ts';
import type { ZoneFacts } from '../../facts/zone-facts.ts';
import type { AirPlant } from '../../model/air-plant.ts';
import { practice, type Basis } from '../../model/basis.ts';
import type { BlastPlan } from '../../model/blast-plan.ts';
import type { BuildPlan } from '../../model/build.ts';
import type { Finding } from '../../model/finding.ts';

/** What every check of a blast looks at. */
export interface Blasting {
  readonly zone: ZoneFacts;
  readonly plan: BlastPlan;
  readonly method: BlastMethod;
  readonly build: BuildPlan | null;
}
/** The same where it is done with the shop's own air. */
export interface OwnBlasting extends Blasting {
  readonly air: AirPlant;
  readonly nozzle: NonNullable<BlastPlan['nozzle']>;
  readonly bore: number;
  /** L/min */
  readonly demand: number;
  /** bar at the pot */
  readonly set: number;
}

/** One limit: an object; the engine only loops. */
export interface BlastCheck<S extends Blasting> {
  readonly code: string;
  readonly severity: 'stop' | 'question' | 'caution';
  /** where in the zone */
  readonly path: readonly string[];
  readonly basis?: Basis;
  readonly when: (subject: S) => boolean;
  readonly title: string | ((subject: S) => string);
  readonly reason: string | ((subject: S) => string);
  readonly looksAt: readonly string[];
  readonly change: string | ((subject: S) => string);
}

/** Every check that finds something, as findings. */
export const runChecks = <S extends Blasting>(checks: readonly BlastCheck<S>[], subject: S): Finding[] =>
  checks
    .filter(({ when }) => when(subject))
    .map(({ code, severity, path, basis, title, reason, looksAt, change }) => ({
      code,
      severity,
      path: [...subject.zone.path, ...path],
      title: say(title, subject),
      reason: say(reason, subject),
      basis: basis ?? practice,
      looksAt: [...looksAt],
      change: say(change, subject),
    }));

const say = <S>(text: string | ((subject: S) => string), subject: S): string => (typeof text === 'string' ? text : text(subject));

/** What is smaller than this is rounding. */
export const ROUNDING = 1e-6;
export const bar = (value: number): string => `${value.toFixed(1)} bar`;
export const litres = (value: number): string => `${Math.round(value)} L/min`;
