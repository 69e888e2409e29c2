import { computed, inject, Injectable } from '@angular/core';
import type { Method } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';

/** What all views of Strip look at: the zone's facts, its chosen way and stripper. */
@Injectable()
export class StripSubject {
  readonly context = inject(JobContext);
  readonly chosen = computed(() => this.context.zonePlan()?.chosen ?? null);
  readonly method = this.context.method;
  readonly stripper = computed(() => stripperOf(this.method()));
  readonly plan = computed(() => this.chosen()?.strip ?? null);
  readonly facts = this.context.facts;
  /** every stripper of the catalogue and the shop that is laid on, by name */
  readonly strippers = computed(() =>
    Object.values(this.context.catalogue().methods).flatMap((method) =>
      method.family === 'chem' && method.stripper.form !== 'bath' ? [method] : [],
    ),
  );
}

export const stripperOf = (method: Method | null | undefined) => (method?.family === 'chem' ? method.stripper : null);
