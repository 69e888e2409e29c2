import type { Job } from '../model/job.ts';
import type { Trap } from '../model/practice.ts';

/** What the learner is told, and what may be hidden from him. */
export interface PracticeCase {
  readonly id: string;
  readonly title: string;
  /** the work order in a sentence or two */
  readonly told: string;
  /** one part with one zone, as somebody has entered it */
  readonly job: Job;
  /** products on the shelf */
  readonly shelf: readonly string[];
  /** each with its chance of being there when all that may be hidden is */
  readonly hides: Readonly<Partial<Record<Trap, number>>>;
}
