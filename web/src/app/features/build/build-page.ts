import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { FinishId } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { FindingNote } from '../../ui/finding-note';
import { FinishChoice } from '../../ui/finish-choice';
import { OperationLine } from '../../ui/operation-line';
import { operationsOf } from '../../ui/operations-of';
import { NoZone } from '../../ui/no-zone';
import { Units } from '../../ui/units.service';
import { CoatsView } from './coats-view';
import { ColoursView } from './colours-view';
import { MaskingView } from './masking-view';
import { MixView } from './mix-view';
import { OwnStack } from './own-stack';
import { SystemsView } from './systems-view';
import { WindowsView } from './windows-view';

const VIEWS = {
  plan: 'Plan',
  systems: 'Systems',
  stack: 'Own stack',
  colours: 'Two colours',
  mix: 'Mix',
  masking: 'Masking',
  windows: 'Windows',
} as const;
type View = keyof typeof VIEWS;

/** Primer with its reasons, and every coat up to the finish. */
@Component({
  selector: 'lb-build-page',
  imports: [
    FindingNote,
    NoZone,
    OperationLine,
    RouterLink,
    SystemsView,
    OwnStack,
    CoatsView,
    ColoursView,
    FinishChoice,
    MixView,
    MaskingView,
    WindowsView,
  ],
  templateUrl: './build-page.html',
  styleUrls: ['../../ui/page.css', './build-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BuildPage {
  /** from the address */
  readonly show = input<string>();
  protected readonly views = Object.entries(VIEWS) as [View, string][];
  protected readonly view = computed((): View => this.views.find(([view]) => view === this.show())?.[0] ?? 'plan');

  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly build = computed(() => this.context.zonePlan()?.build ?? null);
  protected readonly chosen = computed(() => this.build()?.primers.find(({ verdict }) => verdict === 'chosen') ?? null);
  protected readonly all = computed(() => this.context.plan()?.operations ?? []);
  protected readonly steps = computed(() => operationsOf(this.all(), this.context.zone()?.id ?? '', 'build', 'finish'));
  protected readonly notes = computed(() => [
    ...(this.context.zonePlan()?.findings.filter(({ severity, path }) => severity === 'stop' && path.length > 0) ?? []),
    ...(this.chosen()?.findings ?? []),
    ...(this.build()?.findings.filter(({ severity }) => severity !== 'rule-out') ?? []),
  ]);

  protected setFinish = (finish: FinishId | null): void => this.context.editPart('finish', (part) => ({ ...part, finish }));
}
