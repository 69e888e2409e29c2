import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { JobContext } from '../../state/job-context';
import { NoZone } from '../../ui/no-zone';
import { Units } from '../../ui/units.service';

/** From the last scrape to the primer. */
@Component({
  selector: 'lb-bare-page',
  imports: [NoZone],
  templateUrl: './bare-page.html',
  styleUrls: ['../../ui/page.css', './bare-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BarePage {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly bare = computed(() => this.context.zonePlan()?.bare ?? null);
  protected readonly hands = computed(() => this.bare()?.steps.reduce((sum, { hand }) => sum + hand, 0) ?? 0);
  protected readonly waits = computed(() => this.bare()?.steps.reduce((sum, { wait }) => sum + wait, 0) ?? 0);
  protected readonly margin = computed(() => this.context.plan()?.climate ?? null);
}
