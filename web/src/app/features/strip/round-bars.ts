import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { StripPlan } from '@lift-bare/core';
import { Units } from '../../ui/units.service';
import { timeBars } from './time-bars';

/** One line a round: the span in which it lifts, when to scrape, when it is dry. With the figures beside it as a table. */
@Component({
  selector: 'lb-round-bars',
  template: `
    <table class="plain">
      <thead><tr><th>Round</th><th>Minutes since laid on</th><th class="num">First check</th><th class="num">Likely</th><th class="num">Late</th><th>Lifts</th></tr></thead>
      <tbody>
        @for (bar of bars(); track $index) {
          <tr>
            <td>{{ $index + 1 }}</td>
            <td class="track">
              <svg viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
                <path class="axis" d="M0 5h100" />
                <rect class="band" [attr.x]="bar.from" y="1.5" [attr.width]="bar.width" height="7" />
                <rect class="likely" [attr.x]="bar.likely - 0.4" y="0" width="0.8" height="10" />
                <rect class="dry" [attr.x]="bar.dry - 0.4" y="0" width="0.8" height="10" />
              </svg>
            </td>
            <td class="num">{{ units.minutes(bar.round.dwell.first) }}</td>
            <td class="num"><b>{{ units.minutes(bar.round.dwell.likely) }}</b></td>
            <td class="num">{{ units.minutes(bar.round.dwell.late) }}</td>
            <td>{{ bar.round.lifts.length > 0 ? bar.round.lifts.join(', ') : 'softens ' + units.show(bar.round.depth, 'film') }}</td>
          </tr>
        }
      </tbody>
    </table>
    <p class="small soft">Band: 10 % to 90 % of cases. Dark line: likely, scrape then. Red line: dries out at {{ units.minutes(plan().workingLife) }}.</p>
  `,
  styles: `
    svg { display: block; width: 100%; height: 16px; }
    .track { width: 36%; }
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
