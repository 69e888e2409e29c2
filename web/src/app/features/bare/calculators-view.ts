import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { ACIDS, acidFor, bathLitres, dilute, electrolysis, lyeFor, minutesToHeat, rustCapacity, rustOn, type AcidId } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { ChoiceField } from '../../ui/choice-field';
import { FigureField } from '../../ui/figure-field';
import { Units } from '../../ui/units.service';

const ACID_OPTIONS = (Object.keys(ACIDS) as AcidId[]).map((value) => ({ value, label: ACIDS[value].name }));
/** m of bath on every side of a part. */
const ROOM = 0.03;

/** Sums that are done at the tub: strength, volume, what a bath takes up, neutral again, current, heat. They start with the part that is looked at. */
@Component({
  selector: 'lb-calculators-view',
  imports: [FigureField, ChoiceField],
  templateUrl: './calculators-view.html',
  styles: `
    section { padding: 10px 0 16px; border-bottom: 1px solid var(--line); }
    .form { margin-bottom: 6px; }
    .answer b { font-size: 17px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CalculatorsView {
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly acids = ACID_OPTIONS;
  private readonly zoneId = this.context.zoneId;
  private readonly area = computed(() => this.context.zonePlan()?.area ?? 0);

  protected readonly stock = signal(85);
  protected readonly wanted = signal(10);
  protected readonly total = signal(5);
  protected readonly diluted = computed(() =>
    this.wanted() > 0 && this.stock() >= this.wanted() ? dilute(this.stock(), this.wanted(), this.total()) : null,
  );

  protected readonly room = signal(ROOM * 100);
  protected readonly bath = computed(() => {
    const box = this.context.part()?.box;
    return box ? bathLitres(box, this.room() / 100, this.context.part()?.mesh?.volume ?? 0) : null;
  });
  protected readonly partSize = computed(() => {
    const box = this.context.part()?.box;
    return box ? [box.length, box.width, box.height].map((side) => this.units.show(side, 'length')).join(' × ') : null;
  });

  protected readonly acid = signal(10);
  protected readonly density = signal(1.05);
  protected readonly rustDepth = signal(60);
  protected readonly rustArea = linkedSignal({ source: this.zoneId, computation: () => Number(this.area().toFixed(2)) });
  protected readonly capacity = computed(() => rustCapacity(this.acid(), this.density()));
  protected readonly rust = computed(() => rustOn(this.rustArea(), this.rustDepth()));
  protected readonly litresForRust = computed(() => (this.capacity() > 0 ? this.rust() / this.capacity() : null));

  protected readonly caustic = signal(50);
  protected readonly neutraliser = signal<AcidId>('acetic');
  protected readonly wantedPh = signal(7);
  protected readonly acidGrams = computed(() => acidFor(this.caustic(), this.neutraliser(), this.wantedPh()));

  protected readonly currentDensity = signal(0.5);
  protected readonly current = computed(() => electrolysis(this.rustArea(), this.currentDensity(), this.rust()));
  protected readonly hardened = computed(() => this.context.part()?.substrate === 'high-strength-steel');

  protected readonly heatLitres = signal(60);
  protected readonly heatTo = signal(60);
  protected readonly lye = signal(5);
  protected readonly lyeGrams = computed(() => (this.lye() <= 50 ? lyeFor(this.heatLitres(), this.lye()) : 0));
  /** light metal and zinc dissolve in it */
  protected readonly dissolves = computed(() => ['light', 'zinc'].includes(this.context.facts()?.substrate.group ?? ''));
  protected readonly heater = signal(2);
  protected readonly heating = computed(() =>
    this.heater() > 0 ? minutesToHeat(this.heatLitres(), this.context.job()?.place.temperature ?? 20, this.heatTo(), this.heater()) : null,
  );

  protected set = (target: { set: (value: number) => void }, value: number | null | undefined): void => {
    if (typeof value === 'number') target.set(value);
  };
}
