import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import type { MethodOption, Opening } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { PlannerClient } from '../../workers/planner-client';

/** "What would change it?" of a refused method, tried out on the rules themselves. */
@Component({
  selector: 'lb-openings',
  template: `
    @switch (state()) {
      @case ('idle') { <button type="button" class="link small" (click)="ask()" [attr.aria-label]="'what would change it: ' + option().name">what would change it?</button> }
      @case ('asking') { <span class="soft small" role="status">trying changes…</span> }
      @default {
        <span class="small answer" role="status">
          @if (openings().length === 0) { No change of state, target, kit or school opens it, nor two together: material and access decide. }
          @else { It opens with {{ said() }}. }
        </span>
      }
    }
  `,
  styles: '.answer { color: var(--act); display: block; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Openings {
  readonly option = input.required<MethodOption>();
  private readonly context = inject(JobContext);
  private readonly planner = inject(PlannerClient);
  protected readonly state = signal<'idle' | 'asking' | 'answered'>('idle');
  protected readonly openings = signal<readonly Opening[]>([]);

  protected ask(): void {
    const job = this.context.job();
    const zoneId = this.context.zoneId();
    if (!job || !zoneId) return;
    this.state.set('asking');
    this.planner.run('openings', { job, shop: this.context.shop(), zoneId, method: this.option().method }).subscribe((report) => {
      if (report.kind === 'done') this.openings.set(report.value);
      if (report.kind !== 'progress') this.state.set('answered');
    });
  }

  protected said(): string {
    const all = this.openings().map(({ changes }) => changes.join(' and '));
    return all.slice(0, 4).join('; or ') + (all.length > 4 ? `; or ${all.length - 4} more ways` : '');
  }
}
