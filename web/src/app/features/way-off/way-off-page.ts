import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import type { MethodOption } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { FindingNote } from '../../ui/finding-note';
import { NoZone } from '../../ui/no-zone';
import { Units } from '../../ui/units.service';
import { WhyButton } from '../../ui/why-button';
import { OverrideForm } from './override-form';

const GRADES = ['none', 'low', 'medium', 'high'] as const;
const VERDICTS = { preferred: 'preferred', usable: 'usable', conditions: 'with conditions', 'ruled-out': 'ruled out' } as const;

/** All methods for a zone, ranked; refused ones with the reason; choose or override. */
@Component({
  selector: 'lb-way-off-page',
  imports: [WhyButton, FindingNote, NoZone, OverrideForm],
  templateUrl: './way-off-page.html',
  styleUrls: ['../../ui/page.css', './way-off-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WayOffPage {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly grades = GRADES;
  protected readonly verdicts = VERDICTS;

  protected readonly open = computed(() => this.context.zonePlan()?.options.filter(({ verdict }) => verdict !== 'ruled-out') ?? []);
  protected readonly refused = computed(() => this.context.zonePlan()?.options.filter(({ verdict }) => verdict === 'ruled-out') ?? []);
  protected readonly chosen = computed(() => this.context.zonePlan()?.chosen ?? null);
  /** the ruled-out method somebody is about to choose all the same */
  protected readonly asking = linkedSignal<string | null, MethodOption | null>({ source: () => this.context.zoneId(), computation: () => null });
  protected readonly cautions = computed(
    () => this.chosen()?.findings.filter(({ severity }) => severity === 'caution' || severity === 'require' || severity === 'rule-out') ?? [],
  );
  protected readonly reasons = computed(() => this.chosen()?.findings.filter(({ severity }) => severity === 'prefer') ?? []);
  protected readonly checks = computed(() => this.context.zonePlan()?.findings.filter(({ severity }) => severity !== 'prefer') ?? []);
  protected readonly runnerUp = computed(() => this.open().find(({ method }) => method !== this.chosen()?.method) ?? null);

  protected choose(option: MethodOption, reason = ''): void {
    this.asking.set(null);
    this.context.editZone('choice', (zone) => ({ ...zone, choice: { method: option.method, reason } }));
  }

  protected unpin(): void {
    this.context.editZone('choice', (zone) => ({ ...zone, choice: null }));
  }

  /** The refusals in one line. */
  protected why(option: MethodOption): string {
    return option.findings
      .filter(({ severity }) => severity === 'rule-out')
      .map(({ reason }) => this.units.text(reason))
      .join(' ');
  }

  protected note(option: MethodOption): string {
    const cautions = option.findings.filter(({ severity }) => severity === 'caution').map(({ title }) => this.units.text(title));
    const prefers = option.findings.filter(({ severity }) => severity === 'prefer').map(({ title }) => this.units.text(title));
    return [...prefers, ...cautions].join(' · ');
  }
}
