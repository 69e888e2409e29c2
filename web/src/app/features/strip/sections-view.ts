import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { busyRotation, issueSections, sectionName, sectionOrder, sectionWork, zoneRhythm } from '@lift-bare/core';
import { BenchActions } from '../../state/bench.actions';
import { benchFeature } from '../../state/bench.reducer';
import { newEvent } from '../../state/new-event';
import { toShop } from '../../state/shop-time';
import { Units } from '../../ui/units.service';
import { LayMinutes } from './lay-minutes';
import { drawRhythm } from './rhythm-geometry';
import { StripSubject } from './strip-subject';

/** Sections of the zone in rotation: who does what when, and off to the bench with them. */
@Component({
  selector: 'lb-sections-view',
  imports: [RouterLink, LayMinutes],
  templateUrl: './sections-view.html',
  styleUrl: './sections-view.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SectionsView {
  protected readonly subject = inject(StripSubject);
  protected readonly units = inject(Units);
  private readonly store = inject(Store);
  private readonly timers = this.store.selectSignal(benchFeature.selectTimers);
  private readonly time = this.store.selectSignal(benchFeature.selectTime);

  protected readonly people = signal<1 | 2>(1);
  /** as planned until it is changed here; starts over with another zone or plan */
  protected readonly sections = linkedSignal(() => this.subject.plan()?.sections ?? 1);
  protected readonly rhythm = computed(() => {
    const [facts, plan, stripper] = [this.subject.facts(), this.subject.plan(), this.subject.stripper()];
    return facts && plan && stripper && facts.area > 0 ? zoneRhythm(facts, stripper, plan, this.people(), this.sections()) : null;
  });
  protected readonly drawing = computed(() => {
    const rhythm = this.rhythm();
    return rhythm && drawRhythm(rhythm);
  });
  protected readonly order = computed(() => {
    const zone = this.subject.facts()?.zone;
    return zone ? sectionOrder(zone) : '';
  });
  protected readonly busy = computed(() => {
    const [facts, plan, stripper] = [this.subject.facts(), this.subject.plan(), this.subject.stripper()];
    if (!facts || !plan || !stripper) return 1;
    const { layOn, scrape } = sectionWork(facts, stripper, this.sections());
    return busyRotation(plan.rounds[0]?.dwell.likely ?? 0, layOn + scrape);
  });
  protected readonly onBench = computed(() =>
    this.timers().filter(({ issued, done }) => issued.job === this.subject.context.jobId() && issued.zone === this.subject.context.zoneId() && !done),
  );
  protected readonly name = sectionName;

  protected change(by: number): void {
    this.sections.update((count) => Math.min(60, Math.max(1, count + by)));
  }

  /** Freezes the plan as it stands and puts each section on the bench. */
  protected issue(): void {
    const [facts, option, method] = [this.subject.facts(), this.subject.chosen(), this.subject.method()];
    if (!facts || !option?.strip || method?.family !== 'chem') return;
    const strip = { ...option.strip, sections: this.sections(), section: facts.area / this.sections() };
    const device = Date.now();
    const queued = issueSections(this.subject.context.jobId(), facts, { ...option, strip }, method).map((issued) => ({
      event: { ...newEvent(crypto.randomUUID(), 'issued', toShop(this.time(), device), 'Plan'), issued },
      device,
    }));
    this.store.dispatch(BenchActions.tapped({ queued }));
  }
}
