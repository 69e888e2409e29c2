import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { StripPlan } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { TermHelp } from '../../ui/term';
import { Units } from '../../ui/units.service';
import { timeBars } from './time-bars';

/** One line a round: the span in which it lifts, when to scrape, when it is dry. With the figures beside it as a table. */
@Component({
  selector: 'lb-round-bars',
  imports: [NzTableModule, TermHelp],
  template: `
    <nz-table nzTemplateMode>
      <thead><tr><th><lb-term name="round" as="Round, and what it lifts" /></th><th class="num"><lb-term name="first check" /></th><th class="num"><lb-term name="likely" /></th><th class="num"><lb-term name="late" /></th></tr></thead>
      <tbody>
        @for (bar of bars(); track $index) {
          <tr class="round">
            <td><b>{{ $index + 1 }}</b> {{ bar.lifts === '' ? 'softens ' + units.show(bar.round.depth, 'film') : bar.lifts }}</td>
            <td class="num">{{ units.minutes(bar.round.dwell.first) }}</td>
            <td class="num"><b>{{ units.minutes(bar.round.dwell.likely) }}</b></td>
            <td class="num">{{ units.minutes(bar.round.dwell.late) }}</td>
          </tr>
          <tr>
            <td colspan="4" class="track">
              <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
                <path class="axis" d="M0 5h100" />
                <rect class="band" [attr.x]="bar.from" y="1.5" [attr.width]="bar.width" height="7" />
                <rect class="likely" [attr.x]="bar.likely - 0.3" y="0" width="0.6" height="10" />
                <rect class="dry" [attr.x]="bar.dry - 0.9" y="0" width="0.9" height="10" />
              </svg>
            </td>
          </tr>
        }
      </tbody>
    </nz-table>
    <p class="small soft">Band: 10 % to 90 % of cases. Dark line: likely, scrape then. Red line: dries out at {{ units.minutes(plan().workingLife) }}.</p>
  `,
  styles: `
    svg { display: block; width: 100%; height: 16px; }
    tr.round td { border-bottom: 0; padding-bottom: 1px; }
    td.track { padding-top: 1px; }
    .axis { stroke: var(--line); stroke-width: 1; vector-effect: non-scaling-stroke; }
    .band { fill: var(--film); }
    .likely { fill: var(--ink); }
    .dry { fill: var(--stop); }
    p { margin: 6px 0 0; }
    td b { font-weight: 640; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RoundBars {
  readonly plan = input.required<StripPlan>();
  protected readonly units = inject(Units);
  protected readonly bars = computed(() => timeBars(this.plan()));
}
