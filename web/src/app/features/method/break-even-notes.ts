import { ChangeDetectionStrategy, Component, effect, inject, signal } from '@angular/core';
import type { BreakEven } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import { PlannerClient } from '../../workers/planner-client';

/** At which area another method becomes the cheapest, asked of the worker whenever zone or shop change. */
@Component({
  selector: 'lb-break-evens',
  template: `
    @if (points().length > 0) {
      <h2>What would change it</h2>
      @for (point of points(); track point.side) { <p>{{ point.side === 'above' ? 'Over' : 'Under' }} {{ units.show(point.area, 'area') }} of the same, {{ units.inline(point.name) }} costs less.</p> }
      <p class="basis">All else equal; by the shop's weights.</p>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BreakEvenNotes {
  private readonly context = inject(JobContext);
  private readonly planner = inject(PlannerClient);
  protected readonly units = inject(Units);
  protected readonly points = signal<readonly BreakEven[]>([]);

  constructor() {
    effect((onCleanup) => {
      const job = this.context.job();
      const zoneId = this.context.zoneId();
      const shop = this.context.shop();
      this.points.set([]);
      if (!job || !zoneId) return;
      const asking = this.planner.run('breakEven', { job, shop, zoneId }).subscribe((report) => {
        if (report.kind === 'done') this.points.set(report.value);
      });
      onCleanup(() => asking.unsubscribe());
    });
  }
}
