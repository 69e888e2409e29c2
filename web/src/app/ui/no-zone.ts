import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../state/job-context';
import { Units } from './units.service';

/** What a stage shows while no zone is picked: every zone with its method, to pick from. */
@Component({
  selector: 'lb-no-zone',
  imports: [NzTableModule, RouterLink],
  template: `
    @if (zones().length > 0) {
      <nz-table nzTemplateMode>
        <thead><tr><th>Zone</th><th>Method</th><th class="num">Hand time</th><th class="num">Waiting time</th><th class="num">Cost</th><th>State</th></tr></thead>
        <tbody>
          @for (zone of zones(); track zone.zone) {
            <tr>
              <td><a [routerLink]="[]" [queryParams]="{ zone: zone.zone }">{{ zone.partName }}: {{ zone.zoneName }}</a></td>
              <td>{{ zone.chosen?.name ?? 'none left' }}</td>
              <td class="num">{{ units.hands(zone.chosen?.hand ?? 0) }}</td>
              <td class="num">{{ units.minutes(zone.chosen?.wait ?? 0) }}</td>
              <td class="num">{{ units.money(zone.chosen?.cost ?? 0) }}</td>
              <td>{{ stateOf(zone.findings) }}</td>
            </tr>
          }
        </tbody>
      </nz-table>
    } @else if (!planned()) {
      <p class="soft" aria-live="polite">Planning…</p>
    } @else {
      <p class="soft">There is no zone yet. <a class="link" [routerLink]="['../intake']">Add a part in Intake</a>.</p>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NoZone {
  protected readonly units = inject(Units);
  private readonly context = inject(JobContext);
  protected readonly planned = computed(() => this.context.plan() !== null);
  protected readonly zones = computed(() => this.context.plan()?.zones ?? []);

  protected stateOf(findings: readonly { readonly severity: string; readonly title: string }[]): string {
    return (
      findings
        .filter(({ severity }) => severity === 'stop' || severity === 'question')
        .map(({ title }) => title)
        .join('; ') || 'set'
    );
  }
}
