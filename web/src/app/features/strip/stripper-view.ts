import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { choosePacks, zoneRhythm } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { SectionPicture } from '../../ui/section/section-picture';
import { stackFilms } from '../../ui/section/stack-films';
import { TermHelp } from '../../ui/term';
import { Units } from '../../ui/units.service';
import { DwellView } from './dwell-view';
import { PatchesView } from './patches-view';
import { ProductsView } from './products-view';
import { RoundBars } from './round-bars';
import { SectionsView } from './sections-view';
import { StripSubject } from './strip-subject';
import { TroubleView } from './trouble-view';

const VIEWS = {
  plan: 'Plan',
  front: 'Front',
  patches: 'Test patches',
  sections: 'Sections',
  products: 'Products',
  trouble: 'What went wrong',
} as const;
type View = keyof typeof VIEWS;

/** The chosen stripper on this stack: rounds, the front going down, patches, sections, products, and what went wrong. */
@Component({
  selector: 'lb-stripper-view',
  imports: [NzTableModule, SectionPicture, RoundBars, RouterLink, DwellView, PatchesView, SectionsView, ProductsView, TroubleView, TermHelp],
  templateUrl: './stripper-view.html',
  styleUrl: './stripper-view.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StripperView {
  /** which of its views */
  readonly show = input<string>();

  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly subject = inject(StripSubject);
  protected readonly views = Object.entries(VIEWS) as [View, string][];
  protected readonly view = computed<View>(() => this.views.find(([view]) => view === this.show())?.[0] ?? 'plan');

  protected readonly chosen = this.subject.chosen;
  protected readonly strip = this.subject.plan;
  protected readonly films = computed(() => stackFilms(this.context.zone()?.stack ?? []));
  protected readonly marks = computed(() => {
    let depth = 0;
    return (this.strip()?.rounds ?? []).map((round, i) => ({ depth: (depth += round.depth), label: `round ${i + 1}` }));
  });
  protected readonly substrate = computed(() => this.subject.facts()?.substrate.name ?? '');
  protected readonly supply = computed(() => this.context.plan()?.kit.find(({ id }) => id === this.chosen()?.method) ?? null);
  protected readonly rest = computed(() => this.chosen()?.pieces.find(({ place }) => place === 'rest') ?? null);
  /** min from the first lay-on to the last rinse, one person, sections in rotation */
  protected readonly clock = computed(() => {
    const [facts, plan, stripper] = [this.subject.facts(), this.strip(), this.subject.stripper()];
    return facts && plan && stripper && facts.area > 0 ? zoneRhythm(facts, stripper, plan, 1).clock : null;
  });
  protected readonly packs = computed(() => {
    const [plan, stripper] = [this.strip(), this.subject.stripper()];
    if (!plan || !stripper || plan.litres === 0) return null;
    const { size, count } = choosePacks(plan.litres, stripper.packs);
    return `${count} × ${this.units.show(size, 'volume')}`;
  });
  protected readonly material = computed(() => (this.chosen()?.supplies ?? []).reduce((sum, { quantity, price }) => sum + quantity * price, 0));
}
