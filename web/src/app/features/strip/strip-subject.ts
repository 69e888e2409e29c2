import { computed, inject, Injectable } from '@angular/core';
import { gatherFacts, type Method, type ZoneFacts } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';

/** What all views of Strip look at: the zone's facts, its chosen way and stripper. */
@Injectable()
export class StripSubject {
  readonly context = inject(JobContext);
  readonly chosen = computed(() => this.context.zonePlan()?.chosen ?? null);
  readonly method = computed<Method | null>(() => {
    const chosen = this.chosen();
    return (chosen && this.context.catalogue().methods[chosen.method]) ?? null;
  });
  readonly stripper = computed(() => stripperOf(this.method()));
  readonly plan = computed(() => this.chosen()?.strip ?? null);
  /** of this zone alone, but with the whole job behind it: patches of other zones count too */
  readonly facts = computed<ZoneFacts | null>(() => {
    const [job, part, zone] = [this.context.job(), this.context.part(), this.context.zone()];
    if (!job || !part || !zone) return null;
    const [facts] = gatherFacts({ ...job, parts: [{ ...part, zones: [zone] }] }, this.context.shop(), this.context.catalogue());
    return facts ? { ...facts, job } : null;
  });
  /** every stripper of the catalogue and the shop that is laid on, by name */
  readonly strippers = computed(() =>
    Object.values(this.context.catalogue().methods).flatMap((method) =>
      method.family === 'chem' && method.stripper.form !== 'bath' ? [method] : [],
    ),
  );
}

export const stripperOf = (method: Method | null | undefined) => (method?.family === 'chem' ? method.stripper : null);
