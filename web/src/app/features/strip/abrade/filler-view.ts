import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { fillerGate, Filling } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { QuantityField } from '../../../ui/quantity-field';
import { gramsText } from '../../../ui/grams-text';
import { Units } from '../../../ui/units.service';
import { StripSubject } from '../strip-subject';

/** m², mm, %: a dent as large as a hand. */
const START = Filling.parse({ area: 0.03, depth: 2, hardener: 2 });

/** Dents to be filled: how much, in what batches, with what hardener, and how it is blocked. */
@Component({
  selector: 'lb-filler-view',
  imports: [NzTableModule, QuantityField],
  template: `
    @if (zone()?.filling; as filling) {
      <div class="form">
        <lb-quantity label="Area to fill" dimension="area" [schema]="schema.area" [value]="filling.area" (changed)="set({ area: $any($event) })" />
        <lb-quantity label="Depth, on the mean" dimension="gauge" [schema]="schema.depth" [value]="filling.depth" (changed)="set({ depth: $any($event) })" />
        <lb-quantity label="Hardener by mass" dimension="share" [schema]="schema.hardener" [value]="filling.hardener" (changed)="set({ hardener: $event })" />
        <div class="field"><span class="label">&nbsp;</span><button type="button" class="btn plain" (click)="drop()">No filler</button></div>
      </div>
      @if (plan(); as made) {
        <dl class="figures">
          <div><dt>of filler, with what is blocked off</dt><dd>{{ mass(made.mass) }}</dd></div>
          <div><dt>of hardener in all</dt><dd>{{ grams(made.hardener) }}</dd></div>
          <div><dt>pot life at {{ units.show(temperature(), 'temperature') }}</dt><dd>{{ made.potLife < 10 ? made.potLife.toFixed(1) : made.potLife.toFixed(0) }} min</dd></div>
          <div><dt>{{ made.batches === 1 ? 'batch' : 'batches' }} of {{ mass(made.batch) }} with {{ grams(made.batchHardener) }}</dt><dd>{{ made.batches }}</dd></div>
          <div><dt>until it sands</dt><dd>{{ units.minutes(made.sandable) }}</dd></div>
          <div><dt>hand time, blocked</dt><dd>{{ units.hands(made.hand) }}</dd></div>
        </dl>
        @if (shut(); as gate) { <p class="note care"><b>{{ gate.title }}</b>{{ units.text(gate.reason) }} {{ units.text(gate.change) }}</p> }
        @if (filling.depth > 6) { <p class="note care"><b>Deep for filler</b>More than {{ units.show(6, 'gauge') }} shrinks and cracks: pull or weld the metal first.</p> }
        <ol>
          @for (step of made.steps; track step.title) { <li><b>{{ units.text(step.title) }}</b> {{ units.text(step.detail) }}</li> }
        </ol>
        <nz-table nzTemplateMode>
          <thead><tr><th>Paper</th><th>With</th><th class="num">Hand time</th><th class="num">Sheets</th><th>Why</th></tr></thead>
          <tbody>@for (step of made.ladder; track $index) { <tr><td><b>{{ step.grit }}</b></td><td>{{ step.tool }}</td><td class="num">{{ units.hands(step.hand) }}</td><td class="num">{{ step.sheets }}</td><td>{{ step.why }}</td></tr> }</tbody>
        </nz-table>
        <p class="basis">Ratio 1 to 3 % and the order of work: common practice, no source. Density, pot life at {{ units.show(20, 'temperature') }} (halved for every {{ units.text('10 K') }} more, and the more hardener the shorter) and times: model assumptions; the tin decides.</p>
      }
    } @else {
      <p class="lead">No dents to fill here. Area and depth give filler, hardener and batches for today's temperature, and how it is blocked.</p>
      <p><button type="button" class="btn" (click)="start()">Fill dents in this zone</button></p>
    }
  `,
  styles:
    'ol { counter-reset: step; margin: 0 0 14px; } li { counter-increment: step; padding: 4px 0 4px 26px; position: relative; } li::before { content: counter(step); position: absolute; left: 0; color: var(--soft); font-weight: 640; } .note { margin-bottom: 12px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FillerView {
  private readonly subject = inject(StripSubject);
  protected readonly units = inject(Units);
  protected readonly schema = Filling.shape;
  protected readonly zone = this.subject.context.zone;
  protected readonly plan = computed(() => this.subject.context.zonePlan()?.filling ?? null);
  protected readonly temperature = computed(() => this.subject.context.job()?.place.temperature ?? 20);
  protected readonly shut = computed(() => {
    const facts = this.subject.facts();
    return facts && fillerGate(facts.place);
  });

  protected mass = (kilograms: number): string =>
    kilograms < 1 && this.units.system() === 'metric' ? `${Math.round(kilograms * 1000)} g` : this.units.show(kilograms, 'mass');
  protected readonly grams = gramsText;
  protected set = (change: Partial<Filling>): void =>
    this.subject.context.editZone(`filling ${Object.keys(change).join()}`, (zone) => ({
      ...zone,
      filling: { ...(zone.filling ?? START), ...change },
    }));
  protected start = (): void => this.subject.context.editZone('filling', (zone) => ({ ...zone, filling: START }));
  protected drop = (): void => this.subject.context.editZone('filling', (zone) => ({ ...zone, filling: null }));
}
