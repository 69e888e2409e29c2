import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FIND_NAMES, Find, type Spot } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { newId } from '../../state/new-id';
import { ChoiceField, type ChoiceOption } from '../../ui/choice-field';
import { QuantityField } from '../../ui/quantity-field';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';
import { FindsMap } from './finds-map';

const MOST = 40;

/** What stripping has brought to light on this zone, and what is done about it. */
@Component({
  selector: 'lb-finds-panel',
  imports: [ChoiceField, QuantityField, TextField, FindsMap],
  template: `
    <div class="block"><h2>What the paint hid</h2><button type="button" class="btn quiet" [disabled]="finds().length >= most" (click)="add(null)">Mark a find</button></div>
    <lb-finds-map [finds]="finds()" [stops]="stops()" (marked)="add($event)" (placed)="set($event.index, { spot: $event.spot })" />
    @for (find of finds(); track find.id; let i = $index) {
      <section [class.stopped]="repairs()[i]?.stop">
        <p class="number"><b>{{ i + 1 }}</b>@if (!find.spot) { <button type="button" class="link small" (click)="set(i, { spot: middle })">Put it on the map</button> }</p>
        <div class="form">
          <lb-choice label="Found" [value]="find.kind" [options]="kinds" (changed)="set(i, { kind: $event })" />
          <lb-text label="Where" [value]="find.where" [most]="80" placeholder="left corner, low" (changed)="set(i, { where: $event })" />
          <lb-quantity label="Area" dimension="area" [schema]="schema.area" [value]="find.area" [optional]="true" placeholder="not measured" (changed)="set(i, { area: $any($event) })" (cleared)="set(i, { area: null })" />
          <lb-quantity label="Depth" dimension="gauge" [schema]="schema.depth" [value]="find.depth" [optional]="true" placeholder="not measured" (changed)="set(i, { depth: $any($event) })" (cleared)="set(i, { depth: null })" />
        </div>
        <label class="tick"><input type="checkbox" [checked]="find.loaded" (change)="set(i, { loaded: $any($event.target).checked })" /> carries load, or holds fuel or pressure</label>
        @if (repairs()[i]; as repair) { <p><b>{{ repair.title }}.</b> {{ units.text(repair.detail) }}@if (repair.material !== '') { With {{ repair.material }}. }@if (repair.hand > 0) { {{ units.hands(repair.hand) }}@if (repair.wait > 0) {, then {{ units.minutes(repair.wait) }}}. }</p> }
        <button type="button" class="link small" (click)="drop(i)">Remove</button>
      </section>
    } @empty { <p class="soft">Nothing marked. Dents, holes, pits, cracks, old filler: each becomes a step, or a stop for somebody licensed.</p> }
  `,
  styles: `
    :host { display: block; margin-top: 20px; }
    section { padding: 10px 12px; margin-bottom: 8px; background: var(--sheet); border-left: 4px solid var(--line-strong); }
    section.stopped { border-left-color: var(--stop); background: var(--stop-bg); }
    .number { display: flex; gap: 12px; align-items: baseline; margin: 0 0 4px; }
    .form { margin-bottom: 4px; }
    .tick { display: flex; align-items: center; gap: 7px; min-height: 28px; }
    .tick input { width: 17px; height: 17px; accent-color: var(--act); }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FindsPanel {
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly schema = Find.shape;
  protected readonly most = MOST;
  protected readonly kinds = Find.shape.kind.options.map((value): ChoiceOption<Find['kind']> => ({ value, label: FIND_NAMES[value] }));
  protected readonly finds = computed(() => this.context.zone()?.finds ?? []);
  protected readonly middle: Spot = { on: null, x: 0.5, y: 0.5 };
  protected readonly stops = computed(() => this.repairs().flatMap(({ find, stop }) => (stop === null ? [] : [find])));
  protected readonly repairs = computed(() => this.context.zonePlan()?.repairs ?? []);

  protected set = (i: number, change: Partial<Find>): void =>
    this.edit(`find ${i} ${Object.keys(change).join()}`, (finds) => finds.map((find, k) => (k === i ? { ...find, ...change } : find)));
  protected add(spot: Spot | null): void {
    if (this.finds().length >= MOST) return;
    this.edit('find', (finds) => [...finds, { id: newId(), kind: 'dent', spot, where: '', area: null, depth: null, loaded: false }]);
  }
  protected drop = (i: number): void => this.edit('find', (finds) => finds.filter((_, k) => k !== i));
  private edit = (field: string, change: (finds: readonly Find[]) => Find[]): void =>
    this.context.editZone(field, (zone) => ({ ...zone, finds: change(zone.finds) }));
}
