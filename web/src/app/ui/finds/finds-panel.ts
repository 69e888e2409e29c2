import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { FIND_NAMES, Find, type Disposition, type Spot } from '@lift-bare/core';
import { format } from 'date-fns';
import { NzDatePickerModule } from 'ng-zorro-antd/date-picker';
import { JobContext } from '../../state/job-context';
import { newId } from '../../state/new-id';
import { ChoiceField, type ChoiceOption } from '../choice-field';
import { QuantityField } from '../quantity-field';
import { TextField } from '../text-field';
import { Units } from '../units.service';
import { FindsMap } from './finds-map';

const MOST = 40;

const BY_RULES = 'by-rules';
const SEEN: readonly ChoiceOption<Find['known']>[] = [
  { value: 'at-intake', label: 'At intake' },
  { value: 'under-the-paint', label: 'Under the paint' },
];
const DISPOSITIONS: readonly ChoiceOption<Disposition | typeof BY_RULES>[] = [
  { value: BY_RULES, label: 'As the rules have it' },
  { value: 'cosmetic', label: 'It only shows: left' },
  { value: 'repair', label: 'Repaired here' },
  { value: 'licensed', label: 'Licensed people' },
  { value: 'sent-out', label: 'Sent out for repair' },
];

/** Damage on this zone, known at intake or brought to light by stripping, and what becomes of it: it is released, never taken off the record. */
@Component({
  selector: 'lb-finds-panel',
  imports: [ChoiceField, QuantityField, TextField, FindsMap, FormsModule, NzDatePickerModule],
  template: `
    <div class="block"><h2>{{ known() === 'at-intake' ? 'Damage that is known' : 'What the paint hid' }}</h2><button type="button" class="btn quiet" [disabled]="finds().length >= most" (click)="add(null)">{{ known() === 'at-intake' ? 'Enter damage' : 'Mark a find' }}</button></div>
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
        <div class="form">
          <lb-choice label="Seen" [value]="find.known" [options]="seen" (changed)="set(i, { known: $event })" />
          <lb-choice class="wide" label="What becomes of it" [value]="find.disposition ?? byRules" [options]="dispositions" (changed)="set(i, { disposition: $event === byRules ? null : $any($event) })" />
        </div>
        <label class="tick"><input type="checkbox" [checked]="find.loaded" (change)="set(i, { loaded: $any($event.target).checked })" /> carries load, or holds fuel or pressure</label>
        @if (repairs()[i]; as repair) { <p><b>{{ repair.title }}.</b> {{ units.text(repair.detail) }}@if (repair.material !== '') { With {{ repair.material }}. }@if (repair.hand > 0) { {{ units.hands(repair.hand) }}@if (repair.wait > 0) {, then {{ units.minutes(repair.wait) }}}. }</p> }
        @if (find.released; as release) {
          <div class="form">
            <lb-text label="Released by" [value]="release.by" [required]="true" [most]="80" (changed)="set(i, { released: { by: $event, at: release.at, note: release.note } })" />
            <div class="field"><label [for]="'released-' + find.id">On</label><nz-date-picker [nzId]="'released-' + find.id" nzFormat="yyyy-MM-dd" [nzAllowClear]="false" [ngModel]="release.at" (ngModelChange)="dated(i, $event)" /></div>
            <lb-text class="wide" label="What was found or done" [value]="release.note" [most]="400" (changed)="set(i, { released: { by: release.by, at: release.at, note: $event } })" />
          </div>
          <p class="soft small">Stays on record. <button type="button" class="link small" (click)="set(i, { released: null })">Take the release back</button></p>
        } @else {
          <p><button type="button" class="link small" (click)="release(i)">Release it</button> <button type="button" class="link small" (click)="drop(i)">Remove, entered by mistake</button></p>
        }
      </section>
    } @empty { <p class="soft">{{ known() === 'at-intake' ? 'None known.' : 'Nothing marked.' }} Dents, holes, pits, cracks, old filler: each becomes steps in the order of the trade, or a stop for somebody licensed.</p> }
  `,
  styles: `
    :host { display: block; margin: 20px 0; }
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
  /** what a new entry starts with */
  readonly known = input<Find['known']>('under-the-paint');
  protected readonly byRules = BY_RULES;
  protected readonly seen = SEEN;
  protected readonly dispositions = DISPOSITIONS;
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
    this.edit('find', (finds) => [
      ...finds,
      { id: newId(), kind: 'dent', known: this.known(), spot, where: '', area: null, depth: null, loaded: false, disposition: null, released: null },
    ]);
  }
  protected release = (i: number): void => this.set(i, { released: { by: 'name', at: format(new Date(), 'yyyy-MM-dd'), note: '' } });
  protected dated(i: number, at: Date | null): void {
    const released = this.finds()[i]?.released;
    if (released && at) this.set(i, { released: { ...released, at: format(at, 'yyyy-MM-dd') } });
  }
  protected drop = (i: number): void => this.edit('find', (finds) => finds.filter((_, k) => k !== i));
  private edit = (field: string, change: (finds: readonly Find[]) => Find[]): void =>
    this.context.editZone(field, (zone) => ({ ...zone, finds: change(zone.finds) }));
}
