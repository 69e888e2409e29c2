import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import {
  causesOf,
  DEFECT_NAMES,
  DefectKind,
  DEFECTS,
  repairId,
  SquareMetres,
  upperFirst,
  withRepair,
  type Deviation,
  type Operation,
  type Run,
} from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { RunLog } from '../../state/run-log';
import { ChoiceField } from '../../ui/choice-field';
import { QuantityField } from '../../ui/quantity-field';
import { Units } from '../../ui/units.service';

/** m²; model assumption. */
const USUAL_AREA = 0.1;

/** Defects that were seen, also weeks later: likely causes with what this job's own record has for and against them, and what mends it. */
@Component({
  selector: 'lb-defects',
  imports: [ChoiceField, QuantityField, DatePipe, RouterLink],
  template: `
    <h2>Something went wrong</h2>
    <lb-choice label="Where" [value]="zone()" [options]="zones()" (changed)="zone.set($event)" />
    <lb-choice label="What is seen" [value]="kind()" [options]="kinds" (changed)="kind.set($event)" />
    <p><button type="button" class="btn quiet" [disabled]="!zone() || !kind()" (click)="mark()">Write it down</button></p>
    @for (one of defects(); track one.event) {
      <section>
        <h3>{{ one.title }}</h3>
        <p class="soft small">{{ one.at | date: 'EEE d MMM yyyy' }}, {{ one.by }} <button type="button" class="link small" (click)="log.takeBack(run().job, one.event)">take back</button></p>
        <ol>
          @for (cause of one.causes; track cause.says) {
            <li><b>{{ cause.says }}</b>
              @for (sign of cause.evidence; track sign) { <span class="for">for: {{ units.text(sign) }}</span> }
              @for (sign of cause.against; track sign) { <span class="soft">against: {{ units.text(sign) }}</span> }
            </li>
          }
        </ol>
        <p>{{ one.repairSays }}</p>
        <p class="soft small">Steps: {{ one.repair }}.</p>
        @if (one.planned; as zone) { <p class="note ok">Planned: its steps are on the <a class="link" [routerLink]="['/jobs', run().job, 'run-sheet']">run sheet</a> and the bench, as “{{ zone }}”.{{ run().handedOver === null ? '' : ' The job was handed over: take that back in the log, and it is under way again.' }}</p> }
        @else if (one.startsOver) {
          <div class="plan"><lb-quantity label="Area to mend" dimension="area" [schema]="squareMetres" [value]="area()" (changed)="area.set($event)" />
          <button type="button" class="btn quiet" (click)="plan(one.event)">Plan the repair</button></div>
        }
      </section>
    }
    @if (defects().length > 0) { <p class="basis">Usual causes: common practice, no source. The record speaks for or against; it proves nothing.</p> }
  `,
  styles: `
    section { margin-top: 14px; border-top: 1px solid var(--line); padding-top: 8px; }
    h3 { font-size: 15px; color: var(--ink); }
    ol { list-style: decimal; padding-left: 20px; margin: 6px 0; }
    li { margin-bottom: 6px; }
    li span { display: block; font-size: 13px; }
    .for { color: var(--stop); }
    .plan { display: flex; gap: 10px; align-items: end; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Defects {
  readonly run = input.required<Run>();
  readonly operations = input.required<readonly Operation[]>();
  readonly deviations = input.required<readonly Deviation[]>();

  private readonly context = inject(JobContext);
  protected readonly log = inject(RunLog);
  protected readonly units = inject(Units);
  protected readonly zone = signal<string | null>(null);
  protected readonly kind = signal<DefectKind | null>(null);
  protected readonly kinds = DefectKind.options.map((value) => ({ value, label: upperFirst(DEFECT_NAMES[value]) }));
  protected readonly zones = computed(
    () => this.context.job()?.parts.flatMap((part) => part.zones.map(({ id, name }) => ({ value: id, label: `${part.name}: ${name}` }))) ?? [],
  );
  protected readonly defects = computed(() => {
    const told = { run: this.run(), operations: this.operations(), deviations: this.deviations() };
    return this.run().defects.map(({ event, at, by, kind, zone }) => ({
      event,
      at,
      by,
      title: `${upperFirst(DEFECT_NAMES[kind])}, ${this.zones().find(({ value }) => value === zone)?.label ?? 'a zone that is gone'}`,
      causes: causesOf(kind, zone, told),
      repairSays: DEFECTS[kind].repairSays,
      repair: DEFECTS[kind].repair.map((step) => step.replaceAll('-', ' ')).join(', '),
      planned: this.zones().find(({ value }) => value === repairId(event))?.label ?? null,
      startsOver: DEFECTS[kind].down !== null && this.buildOf(zone) !== null,
    }));
  });
  protected readonly squareMetres = SquareMetres;
  /** m² */
  protected readonly area = signal(USUAL_AREA);
  private buildOf = (zone: string) => this.context.plan()?.zones.find((own) => own.zone === zone)?.build ?? null;

  /** The repair as a zone of its own: all its steps follow on the sheet, in time and on the bench. */
  protected plan(event: string): void {
    const defect = this.run().defects.find((own) => own.event === event);
    const build = defect && this.buildOf(defect.zone);
    if (defect && build) this.context.edit('repair', (job) => withRepair(job, { ...defect, build }, this.area()));
  }

  protected mark(): void {
    const [zone, kind] = [this.zone(), this.kind()];
    if (zone && kind) this.log.say(this.run().job, { what: 'defect', zone, kind });
    this.kind.set(null);
  }
}
