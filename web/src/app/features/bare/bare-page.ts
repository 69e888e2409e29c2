import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { DEW_MARGIN } from '@lift-bare/core';
import { RouterLink } from '@angular/router';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { OperationLine } from '../../ui/operation-line';
import { operationsOf } from '../../ui/operations-of';
import { SchoolLink } from '../../ui/school-link';
import { NoZone } from '../../ui/no-zone';
import { TermHelp } from '../../ui/term';
import { Units } from '../../ui/units.service';
import { CalculatorsView } from './calculators-view';
import { ClockView } from './clock-view';
import { FindsPanel } from '../../ui/finds/finds-panel';
import { MoisturePanel } from './moisture-panel';

const VIEWS = { plan: 'Plan', clock: 'Clock', sums: 'Calculators' } as const;
type View = keyof typeof VIEWS;

/** From the last scrape to the primer. */
@Component({
  selector: 'lb-bare-page',
  imports: [NzTableModule, NoZone, OperationLine, RouterLink, ClockView, CalculatorsView, FindsPanel, MoisturePanel, SchoolLink, TermHelp],
  templateUrl: './bare-page.html',
  styleUrls: ['../../ui/page.css', './bare-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BarePage {
  /** from the address */
  readonly show = input<string>();
  protected readonly views = Object.entries(VIEWS) as [View, string][];
  protected readonly view = computed((): View => this.views.find(([view]) => view === this.show())?.[0] ?? 'plan');

  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly laminate = computed(() => this.context.facts()?.substrate.group === 'composite');
  protected readonly bare = computed(() => this.context.zonePlan()?.bare ?? null);
  /** the whole sequence, and of it the bare surface of this zone */
  protected readonly all = computed(() => this.context.plan()?.operations ?? []);
  protected readonly steps = computed(() => operationsOf(this.all(), this.context.zone()?.id ?? '', 'bare'));
  protected readonly hands = computed(() => this.steps().reduce((sum, { own }) => sum + own, 0));
  protected readonly waits = computed(() => this.steps().reduce((sum, { operation }) => sum + operation.wait, 0));
  protected readonly margin = computed(() => this.context.plan()?.climate ?? null);

  /** How the part stands to the dew point, in a sentence. */
  protected margins(margin: number): string {
    const metal = this.context.job()?.place.metal ?? null;
    const where = metal === null ? 'With the part as warm as the air' : `With the part at ${this.units.show(metal, 'temperature')}`;
    return margin < DEW_MARGIN
      ? `${where}, too near: water settles on it before it can be seen.`
      : `${where}, far enough above it. Measure it before you paint.`;
  }
}
