import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { dryOut, type Moisture } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { FigureField } from '../../ui/figure-field';
import { sayTime } from '../../ui/local-time';

const MOST = 100;
const DAY = 86_400_000;

import { MomentField } from '../../ui/moment-field';
/** Readings of the moisture meter on a laminate, and when it will be dry enough to be sealed. */
@Component({
  selector: 'lb-moisture-panel',
  imports: [FigureField, MomentField],
  template: `
    <h2>Moisture of the laminate</h2>
    <p class="soft">Same meter, same place, antifouling and wet paint off. The dry reference is read above the waterline.</p>
    <div class="form">
      <lb-figure label="Dry reference" [value]="moisture()?.reference" [most]="100" (changed)="setReference($event)" />
      @if (moisture()) {
        <lb-figure label="Reads now" [value]="reading()" [most]="100" (changed)="reading.set($event)" />
        <lb-moment class="wide" label="Read at" [value]="at()" (changed)="at.set($event ?? at())" />
        <button type="button" class="btn" [disabled]="!ready()" (click)="add()">Write it down</button>
      }
    </div>
    @if (moisture(); as known) {
      @if (known.readings.length > 0) {
        <p class="verdict"><span class="flag" [class]="out()?.state === 'dry' ? 'ok' : 'care'">{{ out()?.state === 'dry' ? 'dry' : 'wet' }}</span> {{ verdict() }}</p>
        <ul>
          @for (one of known.readings; track $index; let i = $index) {
            <li><span class="num">{{ one.value }}</span><span class="bar" aria-hidden="true"><i [style.width.%]="100 * one.value / highest()"></i><i class="mark" [style.left.%]="100 * known.reference / highest()"></i></span><span class="soft">{{ time(one.at) }}</span><button type="button" class="link small" (click)="drop(i)" [attr.aria-label]="'Remove the reading of ' + time(one.at)">Remove</button></li>
          }
        </ul>
      } @else { <p class="soft">Nothing read yet.</p> }
      <p class="basis">What lies above the reference falls by the same share in each span: model assumption, fitted to your readings. Within 1 of the reference counts as dry.</p>
    }
  `,
  styles: `
    :host { display: block; margin-top: 20px; }
    .form { align-items: end; margin: 6px 0; }
    ul { list-style: none; margin: 6px 0; padding: 0; }
    li { display: grid; grid-template-columns: 46px minmax(60px, 220px) 150px auto; gap: 12px; align-items: center; padding: 3px 0; }
    .bar { position: relative; height: 8px; background: var(--line); border-radius: 2px; }
    .bar i { position: absolute; inset: 0 auto 0 0; background: var(--act); border-radius: 2px; }
    .bar .mark { width: 2px; top: -3px; bottom: -3px; background: var(--ink); }
    input { font: inherit; color: var(--ink); background: var(--sheet); border: 1px solid var(--line-strong); border-radius: 4px; padding: 4px 6px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MoisturePanel {
  private readonly context = inject(JobContext);
  protected readonly moisture = computed(() => this.context.zone()?.moisture ?? null);
  protected readonly out = computed(() => {
    const known = this.moisture();
    return known && dryOut(known);
  });
  protected readonly highest = computed(() => Math.max(1, ...(this.moisture()?.readings ?? []).map(({ value }) => value)));
  protected readonly verdict = computed(() => {
    const out = this.out();
    switch (out?.state) {
      case 'dry':
        return 'Reads as the dry reference: go on to key and seal.';
      case 'drying': {
        const last = Math.max(...(this.moisture()?.readings ?? []).map(({ at }) => Date.parse(at)));
        return `Half of the rest leaves in ${Math.round(out.halfLife)} days; dry about ${sayTime(new Date(last + out.days * DAY).toISOString()).replace(/,.*/, '')}, in ${Math.ceil(out.days)} days from the last reading.`;
      }
      case 'stuck':
        return 'The readings do not fall: open the gelcoat, wash out with fresh water and warm it; waiting alone does not help.';
      default:
        return 'Read again in a week at the same place: two readings say how fast it dries.';
    }
  });
  protected readonly reading = signal<number | null | undefined>(undefined);
  protected readonly at = signal(new Date(this.context.now()).toISOString());
  protected readonly ready = computed(() => typeof this.reading() === 'number' && (this.moisture()?.readings.length ?? 0) < MOST);

  protected time = sayTime;
  protected setReference(value: number | null | undefined): void {
    const known = this.moisture();
    if (typeof value === 'number') this.put({ readings: known?.readings ?? [], reference: value });
    else if (known?.readings.length === 0) this.put(null);
  }
  protected add(): void {
    const [known, value, at] = [this.moisture(), this.reading(), this.at()];
    if (!known || typeof value !== 'number') return;
    this.put({ ...known, readings: [...known.readings, { at, value }].sort((a, b) => a.at.localeCompare(b.at)) });
    this.reading.set(undefined);
  }
  protected drop(i: number): void {
    const known = this.moisture();
    if (known) this.put({ ...known, readings: known.readings.filter((_, k) => k !== i) });
  }
  private put = (moisture: Moisture | null): void => this.context.editZone('moisture', (zone) => ({ ...zone, moisture }));
}
